<?php

declare(strict_types=1);

namespace App\Gate;

use App\Language\Speech;
use App\Models\Booking;
use App\Models\CurrentBusiness;
use App\Support\ClientLink;
use App\Support\LinkTooOld;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The booking that a client's link names. The link is all they have: from it follows whose business it is. */
final readonly class LinkedBooking
{
    public function __construct(private CurrentBusiness $current, private Speech $speech, private ClientLink $links)
    {
    }

    /** @throws NotFoundHttpException|LinkTooOld */
    public function find(Request $request, string $id): Booking
    {
        $booking = $this->named($id);
        $this->links->check($request, $booking);

        return $booking;
    }

    /**
     * The same by a link that was good once.
     *
     * @throws NotFoundHttpException
     */
    public function findOld(Request $request, string $id): Booking
    {
        $booking = $this->named($id);
        $this->links->checkMade($request, $booking);

        return $booking;
    }

    private function named(string $id): Booking
    {
        $booking = $this->current->across(static fn (): Booking => Booking::query()->findOrFail($id));
        $this->current->set($booking->business_id);
        $this->speech->of($booking->locale ?? $booking->business->locale);

        return $booking;
    }
}
