<?php

declare(strict_types=1);

namespace App\Board;

use App\Sales\Balance;
use YardBell\Core\Booking\State;

/** A booking as the Board needs it. Instants are minutes, amounts in the minor unit. */
final readonly class BoardBooking
{
    /**
     * @param  list<string>  $staff who take it, or lead the session it is part of
     * @param  list<string>  $units
     * @param  string|null  $client the name; null while it is held
     * @param  bool  $isFirst whether the client was not here before
     * @param  bool  $isNoted whether it carries a note
     * @param  bool  $isDouble whether it was booked over others on purpose
     * @param  string|null  $visit the id it shares with the other parts of a visit
     */
    public function __construct(
        public string $id,
        public string $serviceId,
        public string $service,
        public ?string $location,
        public ?string $session,
        public int $start,
        public int $minutes,
        public int $takenFrom,
        public int $takenUntil,
        public int $party,
        public State $state,
        public array $staff,
        public array $units,
        public ?string $client,
        public int $price,
        public Balance $balance,
        public bool $isFirst,
        public bool $isNoted,
        public bool $isDouble,
        public ?string $visit,
    ) {
    }
}
