<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\ProofOfAddress;
use App\Gate\ClientBooking;
use App\Gate\GatePage;
use App\Gate\LinkedBooking;
use App\Gate\PlainBooking;
use App\Language\Catalogue;
use App\Models\Booking;
use App\Models\PaymentState;
use App\Payments\PollSchedule;
use App\Support\ClientLink;
use App\Support\Clock;
use App\Support\Given;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A client's own booking, by its link: as a page, or as data for one that waits for its payment. */
final readonly class ShowBooking
{
    public function __construct(
        private ClientLink $links,
        private LinkedBooking $linked,
        private ClientBooking $shape,
        private PollSchedule $polling,
        private GatePage $gate,
        private PlainBooking $plain,
        private Clock $clock,
        private Catalogue $catalogue,
    ) {
    }

    public function __invoke(Request $request, string $id): View|JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        if ($this->links->cameByMail($request, $booking)) {
            ProofOfAddress::given($booking, $this->clock->now());
        }
        $this->hurry($booking);
        $booking->refresh();
        if ($request->is('gate-api/*')) {
            return new JsonResponse($this->shape->of($booking));
        }

        return $this->page($booking);
    }

    /** @param  array<string, string>  $wrong with what a plain form has sent, by field; '': with all of it */
    public function page(Booking $booking, array $wrong = []): View
    {
        $business = $booking->business;
        $shown = $this->shape->of($booking);

        return view('gate', [
            'plain' => $this->plain->of($booking, Given::in($shown)),
            'wrong' => $wrong,
            'title' => $this->catalogue->say('page.booking.title', ['business' => $business->name]),
            'description' => $this->catalogue->say('page.booking.description', [
                'service' => $booking->service_name,
                'business' => $business->name,
            ]),
            'first' => [
                'page' => $this->gate->of($business),
                'times' => null,
                'quote' => null,
                'visit' => null,
                'booking' => $shown,
                'own' => null,
                'known' => null,
            ],
        ]);
    }

    /** A page never waits for the processor: whoever looks only hurries the worker that asks it. */
    private function hurry(Booking $booking): void
    {
        $open = $booking->payments()->where('state', PaymentState::Open);
        foreach ($open->get() as $payment) {
            $this->polling->watched($payment);
        }
    }
}
