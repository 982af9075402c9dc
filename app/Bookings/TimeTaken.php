<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Support\Refusal;
use YardBell\Core\Availability\Slot;

/** The time asked for is not, or no longer, to be had. Carries the nearest times that are. */
final class TimeTaken extends Refusal
{
    /** @param  list<Slot>  $near */
    private function __construct(string $message, public readonly array $near)
    {
        parent::__construct($message, 409);
    }

    /** @param  list<Slot>  $near */
    public static function near(array $near): self
    {
        return new self(
            $near === []
                ? 'That time has just been taken, and nothing else is free close to it.'
                : 'That time has just been taken. These are free close to it.',
            $near,
        );
    }

    public function code(): string
    {
        return 'time_taken';
    }

    /** @return array<string, mixed> */
    public function details(): array
    {
        return [
            'near' => array_map(
                static fn (Slot $slot): string => \YardBell\Core\Time\Wall::writeInstant($slot->start),
                $this->near,
            ),
        ];
    }
}
