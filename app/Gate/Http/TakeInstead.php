<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\SuggestTimes;
use App\Facts\BookingFacts;
use App\Facts\MoneyWords;
use App\Gate\LinkedBooking;
use App\Gate\SuggestedTimes;
use App\Http\Refusals;
use App\Language\Catalogue;
use App\Models\Booking;
use App\Support\ClientLink;
use App\Support\Instants;
use App\Support\LocalTime;
use App\Support\Refusal;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use YardBell\Core\Time\Wall;

/**
 * A time that was suggested instead of the one asked for: looked at by its link, taken by a press, so that no mail
 * program books by looking at a link.
 */
final readonly class TakeInstead
{
    public function __construct(
        private ClientLink $links,
        private LinkedBooking $linked,
        private SuggestTimes $suggest,
        private SuggestedTimes $times,
        private MoneyWords $told,
        private Catalogue $catalogue,
    ) {
    }

    public function __invoke(Request $request, string $id): View|RedirectResponse
    {
        $booking = $this->linked->find($request, $id);
        $start = $request->query('start');
        if (! is_string($start) || preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\dZ\z/', $start) !== 1) {
            throw new NotFoundHttpException();
        }
        $refusal = null;
        if ($request->isMethod('post')) {
            try {
                $this->suggest->take($booking->business, $id, $start);

                return new RedirectResponse($this->links->to($booking->refresh()));
            } catch (Refusal $refused) {
                $refusal = Refusals::said($refused);
            }
        }

        return $this->page($booking->refresh(), $start, $refusal);
    }

    private function page(Booking $booking, string $start, ?string $refusal): View
    {
        $facts = BookingFacts::of($booking);
        $isOpen = $this->times->isOpen($booking, $start);

        return view('instead', [
            'business' => $facts->business->name,
            'service' => $facts->service,
            'when' => $this->catalogue->sentence(
                LocalTime::written(Instants::carbon(Wall::instant($start)), $facts->business),
            ),
            'refusal' => $isOpen ? $refusal : $this->catalogue->sentence($this->times->fate($booking, $start)),
            'until' => LocalTime::clock(
                Instants::carbon(Wall::instant($start) + $booking->minutes),
                $facts->business,
            ),
            'where' => $facts->where(),
            'price' => $this->told->of($booking, toClient: true)['price'],
            'mayTake' => $isOpen,
            'back' => $this->links->to($booking),
        ]);
    }
}
