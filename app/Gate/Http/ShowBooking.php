<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\ProofOfAddress;
use App\Gate\ClientBooking;
use App\Gate\ClientLink;
use App\Gate\GatePage;
use App\Ledger\ProcessorUnreachable;
use App\Ledger\SettlePayment;
use App\Models\Booking;
use App\Support\Clock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A client's own booking, by its link: as a page, or as data for one that waits for its payment. */
final readonly class ShowBooking
{
    public function __construct(private ClientLink $links, private ClientBooking $shape, private SettlePayment $settle, private GatePage $page, private Clock $clock)
    {
    }

    public function __invoke(Request $request, string $id): View|JsonResponse
    {
        $this->links->check($request, $id);
        $booking = Booking::query()->findOrFail($id);
        if ($this->links->cameByMail($request, $booking)) {
            ProofOfAddress::given($booking, $this->clock->now());
        }
        $this->settle($booking);
        $shown = $this->shape->of($booking->refresh());
        if ($request->is('gate-api/*')) {
            return new JsonResponse($shown);
        }
        $business = $booking->business()->firstOrFail();

        return view('gate', [
            'title' => "Your booking at {$business->name}",
            'description' => "{$booking->service_name} at {$business->name}",
            'first' => ['page' => $this->page->of($business), 'times' => null, 'quote' => null, 'booking' => $shown],
        ]);
    }

    private function settle(Booking $booking): void
    {
        try {
            foreach ($booking->payments()->where('state', 'open')->get() as $payment) {
                ($this->settle)($payment);
            }
        } catch (ProcessorUnreachable) {
            // The worker asks again; the page says that the payment is being checked.
        }
    }
}
