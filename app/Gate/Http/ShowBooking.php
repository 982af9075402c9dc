<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\ProofOfAddress;
use App\Gate\ClientBooking;
use App\Gate\GatePage;
use App\Gate\LinkedBooking;
use App\Language\Catalogue;
use App\Ledger\AskAgain;
use App\Models\Booking;
use App\Models\PaymentState;
use App\Support\ClientLink;
use App\Support\Clock;
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
        private AskAgain $again,
        private GatePage $page,
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
        $business = $booking->business()->firstOrFail();
        $shown = $this->shape->of($booking);

        return view('gate', [
            'title' => $this->catalogue->say('page.booking.title', ['business' => $business->name]),
            'description' => $this->catalogue->say('page.booking.description', [
                'service' => $booking->service_name,
                'business' => $business->name,
            ]),
            'first' => [
                'page' => $this->page->of($business),
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
            $this->again->watched($payment);
        }
    }
}
