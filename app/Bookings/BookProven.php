<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Models\Business;
use App\Support\Refusal;
use App\Times\TimeTaken;
use Illuminate\Database\ConnectionInterface;

/** The link in the mail was opened and followed: what waits for it is booked. */
final readonly class BookProven
{
    public function __construct(
        private ConnectionInterface $db,
        private RenewHold $renew,
        private CheckBuyer $check,
        private BookHeld $book,
    ) {
    }

    /** @throws TimeTaken|Refusal */
    public function __invoke(Business $business, string $bookingId): void
    {
        $this->db->transaction(function () use ($business, $bookingId): void {
            $parts = VisitParts::locked($business->id, $bookingId);
            if (! $parts[0]->awaits_proof) {
                return; // pressed twice
            }
            foreach ($parts as $part) {
                ($this->renew)($part, $business, null);
                $part->awaits_proof = false;
            }
            $this->check->ofCodes($business, $parts);
            ($this->book)($parts);
        }, attempts: 5);
    }
}
