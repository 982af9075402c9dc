<?php

declare(strict_types=1);

namespace App\Bookings;

/** For whom the desk books: somebody known, or somebody new. */
final readonly class Guest
{
    /**
     * @param  string|null  $client id of somebody known; else name, mail and number make a new one
     * @param  string  $email may be empty: then nobody is mailed
     */
    public function __construct(
        public ?string $client,
        public string $name,
        public string $email,
        public string $phone,
    ) {
    }
}
