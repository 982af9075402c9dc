<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Answer;

/** What a client gives with what is kept for them; checked before. */
final readonly class Details
{
    /**
     * @param  string  $phone canonical; may be empty
     * @param  array<string, list<Answer>>  $answers by booking
     * @param  bool  $paysNow what may be paid when booking or later
     * @param  string  $consent in the words that were agreed to
     * @param  string|null  $zone as their browser names it
     */
    public function __construct(
        public string $name,
        public string $email,
        public string $phone = '',
        public string $note = '',
        public array $answers = [],
        public bool $paysNow = false,
        public string $consent = '',
        public ?string $zone = null,
    ) {
    }

    /** @return array{name: string, email: string, phone: string} as it stays with the booking */
    public function contact(): array
    {
        return ['name' => $this->name, 'email' => $this->email, 'phone' => $this->phone];
    }
}
