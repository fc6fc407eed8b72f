<?php

declare(strict_types=1);

// Reads a calendar from standard input within the limits that it is started with: zone, and from when until when in seconds since 1970.
use App\Exchange\CalendarFile;
use Sabre\VObject\Recur\MaxInstancesExceededException;

require __DIR__.'/../../vendor/autoload.php';

[, $zone, $from, $until] = $argv;
try {
    $found = CalendarFile::read(
        (string) stream_get_contents(STDIN),
        new DateTimeZone($zone),
        (new DateTimeImmutable('@'.$from))->setTimezone(new DateTimeZone($zone)),
        new DateTimeImmutable('@'.$until),
        static function (int $line): void {
            fwrite(STDERR, "at $line\n");
        },
    );
} catch (MaxInstancesExceededException) {
    $found = ['fault' => 'many'];
} catch (Throwable) {
    $found = ['fault' => 'none'];
}
echo json_encode($found, JSON_INVALID_UTF8_SUBSTITUTE);
