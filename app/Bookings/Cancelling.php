<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Messages\Telling;

/** How a booking is cancelled: for whom, with what word, and what of it else. */
final readonly class Cancelling
{
    /**
     * @param  string  $by who does it: History::BY_CLIENT, or the name of who did it in the workspace
     * @param  bool  $termsCount the client asks for it, so the terms count; else all that was paid goes back
     * @param  string  $why a word to the client
     * @param  string  $waived why the fee is not asked for; empty: it is
     * @param  Telling  $whom who is mailed
     * @param  string|null  $seen what it does to the money, as it was shown (MoneyEffect::seal); null: it was not
     * @param  bool  $whole of a visit, all its parts
     * @param  bool  $later of a repeat, all later ones
     */
    public function __construct(
        public string $by,
        public bool $termsCount = false,
        public string $why = '',
        public string $waived = '',
        public Telling $whom = Telling::Everybody,
        public ?string $seen = null,
        public bool $whole = false,
        public bool $later = false,
    ) {
    }

    /** By their link. */
    public static function byClient(bool $whole = false, ?string $seen = null): self
    {
        return new self(History::BY_CLIENT, termsCount: true, seen: $seen, whole: $whole);
    }
}
