<?php

declare(strict_types=1);

namespace App\Notifications;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\URL;

/** A letter of plain text about an account, with at most one link. It is sent beside the request, which takes as long without one. */
final class AccountEmail extends Mailable implements ShouldQueue
{
    use Queueable;

    /** Hours that a link of a letter is good for. House limit. */
    public const HOURS = 24;

    /** @param string $about key of its words */
    public function __construct(public readonly string $about, public readonly ?string $link = null) {}

    public static function post(string $to, string $about, ?string $link = null): void
    {
        Mail::to($to)->queue(new self($about, $link));
    }

    /**
     * An address within Cresco that nobody else can make, good for a day. It leads to the address that Cresco was given, not to the one
     * that a request came by.
     *
     * @param array<string, string> $with
     */
    public static function link(string $route, array $with): string
    {
        return rtrim(config()->string('app.url'), '/').URL::temporarySignedRoute($route, now()->addHours(self::HOURS), $with, false);
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: __('account.letters.'.$this->about.'.subject'));
    }

    public function content(): Content
    {
        return new Content(
            text: 'emails.letter',
            with: ['text' => __('account.letters.'.$this->about.'.text'), 'address' => $this->link, 'hours' => self::HOURS],
        );
    }
}
