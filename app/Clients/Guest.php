<?php

declare(strict_types=1);

namespace App\Clients;

/** For whom the desk books or sells: somebody known, somebody new, or a walk-in who gives no name. */
final readonly class Guest
{
    /**
     * @param  string|null  $client id of somebody known; else name, mail and number make a new one
     * @param  string  $name empty: a walk-in, of whom nothing is kept
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
