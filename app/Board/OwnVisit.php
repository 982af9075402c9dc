<?php

declare(strict_types=1);

namespace App\Board;

use App\Access\Access;
use App\Models\Booking;
use App\Models\Business;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A booking that somebody may see: whoever does not see the whole Board sees their own. */
final class OwnVisit
{
    public static function of(Business $business, Access $access, string $id): Booking
    {
        $booking = $business->bookings()->findOrFail($id);
        if ($access->ownLane() !== null && ! $booking->isWith($access->ownLane())) {
            throw new NotFoundHttpException();
        }

        return $booking;
    }
}
