<?php

declare(strict_types=1);

namespace App\Facts;

use App\Models\Booking;
use App\Models\Lock;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The bookings that share an id, since they are the parts of one visit (rules.md T20). */
final class VisitParts
{
    /** @return list<Booking> in order of time; none where it is no part of a visit */
    public static function of(Booking $booking): array
    {
        return $booking->visit_id === null
            ? []
            : array_values(
                Booking::query()
                    ->where('business_id', $booking->business_id)
                    ->where('visit_id', $booking->visit_id)
                    ->orderBy('starts_at')
                    ->orderBy('id')
                    ->get()
                    ->all(),
            );
    }

    /**
     * All that is done to a visit as one is done to them: itself alone where it is no part of a visit. Locked within
     * the transaction, by everybody in the same order.
     *
     * @return non-empty-list<Booking> in order of time
     */
    public static function locked(int $businessId, string $id): array
    {
        return self::lockedOf(Booking::query()->where('business_id', $businessId)->findOrFail($id));
    }

    /**
     * The same of one that was read before.
     *
     * @return non-empty-list<Booking> in order of time
     */
    public static function lockedOf(Booking $read): array
    {
        $all = Booking::query()->where('business_id', $read->business_id);
        $locked = $read->visit_id === null
            ? [Lock::on($all->whereKey($read->id))->firstOrFail()]
            : array_values(Lock::on($all->where('visit_id', $read->visit_id)->orderBy('id'))->get()->all());
        usort($locked, static fn (Booking $a, Booking $b): int => [$a->starts_at, $a->id] <=> [$b->starts_at, $b->id]);

        return $locked ?: throw (new ModelNotFoundException())->setModel(Booking::class, $read->id);
    }

    /** @return list<Booking> the others that are not over, in order of time */
    public static function othersNotOver(Booking $booking): array
    {
        return array_values(
            array_filter(
                self::of($booking),
                static fn (Booking $other): bool => $other->id !== $booking->id &&
                    ! $other->state->isOver(),
            ),
        );
    }
}
