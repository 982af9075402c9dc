<?php

declare(strict_types=1);

namespace App\Messages;

/** A mail ready to be sent: plain text, perhaps with a calendar file or a paper. */
final readonly class Letter
{
    /**
     * @param  string|null  $calendarMethod REQUEST or CANCEL, with $calendar
     * @param  string  $replyTo an address that is read; empty: none
     * @param  string|null  $paper a PDF, under $paperName
     */
    public function __construct(
        public string $key,
        public string $to,
        public string $fromName,
        public string $subject,
        public string $text,
        public ?string $calendar = null,
        public ?string $calendarMethod = null,
        public ?string $paper = null,
        public string $paperName = '',
        public string $replyTo = '',
    ) {
    }
}
