<?php

declare(strict_types=1);

namespace App\Times;

use App\Language\Sentence;
use App\Support\Refusal;
use YardBell\Core\Availability\Slot;

/** The time asked for is not, or no longer, to be had. Carries the nearest times that are. */
final class TimeTaken extends Refusal
{
    /** @param  list<Slot>  $near */
    private function __construct(string $code, public readonly array $near)
    {
        parent::__construct(new Sentence($code), 409);
    }

    /**
     * @param  list<Slot>  $near
     * @param  bool  $isTaken whether others have it, and nothing else speaks against it
     */
    public static function near(array $near, bool $isTaken = false): self
    {
        return new self('refusal.held.'.($isTaken ? 'taken' : 'not_offered').($near === [] ? '' : '_near'), $near);
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
