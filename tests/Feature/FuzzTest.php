<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Entry;
use Carbon\CarbonImmutable;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\Group;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Every route, with every field that any form of ours has, filled with what no keeper would type; the same for the same seed. Nothing
 * ends in a breakdown. ./cresco fuzz N goes on for longer.
 */
final class FuzzTest extends FeatureCase
{
    /** Requests of the suite. */
    private const FEW = 1200;

    /** Fields that are found in no view, being made by scripts. */
    private const MORE = [
        'way', 'tank_was', 'animals_was', 'cursor', 'working', 'step', 'to', 'from', 'by', 'kind', 'back', 'order', 'patches', 'patches_asked',
        'left_on', 'skip', 'position', 'recipe_name', 'page', 'format', 'taken_at', 'happened_at',
    ];

    #[Group('long')]
    public function testNothingThatIsSentEndsInABreakdown(): void
    {
        $many = (int) (getenv('CRESCO_FUZZ') ?: self::FEW);
        $chance = new Randomizer(new Mt19937((int) (getenv('CRESCO_FUZZ_SEED') ?: 20260301)));
        $this->travelTo(CarbonImmutable::parse('2026-03-01 12:00'));
        [$keeper, $tank, $ro, $water] = $this->bench();
        $checklist = $this->writeRun($keeper, $tank, ['tasks' => ['vacuum', 'glass'], 'reason' => 'routine']);
        $records = ['entry' => Entry::query()->firstOrFail()->id] + $this->oneOfEach($keeper, $tank, $water, $checklist);
        $fields = self::fields();
        $routes = array_values(array_filter(
            Routes::getRoutes()->getRoutes(),
            static fn(Route $route): bool => !str_starts_with($route->uri(), 'storage/') && !in_array($route->uri(), ['sign-out', 'bare'], true),
        ));
        $broken = [];
        for ($i = 0; $i < $many; ++$i) {
            $route = $routes[$chance->getInt(0, count($routes) - 1)];
            $method = $route->methods()[0];
            $url = '/'.preg_replace_callback(
                '/\{(\w+)\}/',
                fn(array $m): string => $chance->getInt(0, 9) === 0 ? rawurlencode(self::text($chance)) : (string) ($records[$m[1]] ?? 1),
                $route->uri(),
            );
            $sent = [];
            for ($n = $chance->getInt(0, 12); $n > 0; --$n) {
                self::place($sent, $fields[$chance->getInt(0, count($fields) - 1)], self::value($chance, $records));
            }
            $headers = $chance->getInt(0, 3) === 0 ? ['HX-Request' => 'true'] : ['HX-Request' => ''];
            $headers += $chance->getInt(0, 5) === 0 ? ['Accept' => 'application/json'] : ['Accept' => 'text/html'];
            // Nobody takes the tank or the run away for good: what is wrong further in shall be found too.
            if ($method === 'DELETE' && preg_match('#^/(tanks/\d+|checklists/\d+|source-waters/\d+)$#', $url)) {
                continue;
            }
            $answer = $this->actingAs($keeper->fresh() ?? $keeper)->withHeaders($headers)->call($method, $url, $sent);
            if ($answer->getStatusCode() >= 500) {
                $broken[] = sprintf(
                    '%s %s %s: %s',
                    $method,
                    $url,
                    json_encode($sent, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
                    $answer->exception?->getMessage().' in '.basename((string) $answer->exception?->getFile()).':'.$answer->exception?->getLine(),
                );
            }
            $this->app?->make('auth')->forgetGuards();
        }
        Log::info('fuzzed '.$many);

        self::assertSame([], array_slice(array_values(array_unique($broken)), 0, 12));
    }

    /** @return list<string> names of fields as the views have them */
    private static function fields(): array
    {
        $found = array_fill_keys(self::MORE, true);
        foreach (glob(dirname(__DIR__, 2).'/resources/views/{*,*/*,*/*/*}.blade.php', GLOB_BRACE) ?: [] as $view) {
            preg_match_all('/\bname="([a-z_]+(?:\[[a-z_]*\])*)"/', (string) file_get_contents($view), $names);
            $found += array_fill_keys($names[1], true);
        }
        foreach (['nitrate', 'ph', 'temperature', 'conductivity'] as $parameter) {
            foreach (['readings', 'low', 'high', 'swing'] as $group) {
                $found[$group."[$parameter]"] = true;
            }
        }

        return array_keys($found);
    }

    /** @param array<mixed> $sent */
    private static function place(array &$sent, string $name, mixed $value): void
    {
        $path = array_values(array_filter(explode('.', str_replace(['[]', '[', ']'], ['', '.', ''], $name)), static fn(string $part): bool => $part !== ''));
        if (count($path) === 2) {
            $sent[$path[0]] = (is_array($sent[$path[0]] ?? null) ? $sent[$path[0]] : []) + [$path[1] => $value];
        } elseif ($path !== []) {
            $sent[$path[0]] = str_ends_with($name, '[]') && !is_array($value) ? [$value] : $value;
        }
    }

    /** @param array<string, int|string> $records */
    private static function value(Randomizer $chance, array $records): mixed
    {
        return match ($chance->getInt(0, 9)) {
            0 => [self::text($chance), [self::text($chance)]],
            1 => array_values($records)[$chance->getInt(0, count($records) - 1)],
            2 => $chance->getInt(-5, 200),
            3 => (string) ($chance->getInt(-100, 100000) / 10),
            4 => ['label' => self::text($chance), 'on' => '1', 'top' => self::text($chance), 'method' => 'field', 'fields' => '0 5 5'],
            default => self::text($chance),
        };
    }

    private static function text(Randomizer $chance): string
    {
        $odd = ['', '0', '-1', '1e308', '1e-308', 'NaN', 'INF', '99999999999999999999', '0.0000001', '4 ft 99 in', '12,5', '20-40 nearer 90', 'over 0', 'under 0', '100', '7', '0-0',
            'nitrate', 'amount', 'percent', 'mark', 'litres', 'treatment', 'conductivity', 'routine', 'label', 'conditioner', 'gypsum', 'box', 'bow_front', 'cylinder', 'cube', 'fahrenheit', 'tds', 'pen', 'drops', 'field', 'inches', 'us_gallon', 'hard_water_fish', 'soft_water_shrimp',
            '2026-02-31', '2026-03-01', '0000-00-00', '2026-03-01 18:30', 'Europe/Lisbon', '<script>alert(1)</script>', "' or 1=1 --", '../../.env', str_repeat('9', 300), str_repeat("\u{1F41F}", 50), "\u{202E}abc", "a\r\nb", '%00', 'off', 'on', 'true', '[]', '{}', 'null', "\0", "\xFF"];

        return $odd[$chance->getInt(0, count($odd) - 1)];
    }
}
