<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\ConfirmBooking;
use App\Gate\BookDetails;
use App\Gate\ClientBooking;
use App\Gate\LinkedBooking;
use App\Http\Refusals;
use App\Language\Catalogue;
use App\Support\ClientLink;
use App\Support\Refusal;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** The same as Book by a plain form: what is wrong is said beside its field, with all that was typed. */
final readonly class PlainBook
{
    public function __construct(
        private ConfirmBooking $confirm,
        private LinkedBooking $linked,
        private ClientBooking $shape,
        private ShowBooking $page,
        private ClientLink $links,
        private Catalogue $catalogue,
    ) {
    }

    public function __invoke(Request $request, string $id): RedirectResponse|Response
    {
        $booking = $this->linked->find($request, $id);
        $business = $booking->business;
        try {
            ($this->confirm)($business, $booking, BookDetails::of($request, $business, $booking));
        } catch (ValidationException $wrong) {
            $said = array_map(fn (array $all): string => $this->catalogue->text($all[0]), $wrong->errors());

            return new Response($this->page->page($booking, $said), 422);
        } catch (Refusal $refused) {
            $said = ['' => Refusals::said($refused)];

            return new Response($this->page->page($booking->refresh(), $said), $refused->status);
        }
        $pay = $this->shape->of($booking->refresh())['pay'];

        return new RedirectResponse(is_string($pay) ? $pay : $this->links->to($booking), 303);
    }
}
