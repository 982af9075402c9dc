<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\LinkedBooking;
use App\Gate\PayOnline;
use App\Language\Catalogue;
use App\Payments\PollSchedule;
use App\Support\ClientLink;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Leads a client to the page on which they pay what is due; the worker opens it, so it may take a moment. */
final readonly class Pay
{
    /** Askings of the worker after which it is said that nobody answers. */
    private const PATIENT = 2;

    public function __construct(
        private ClientLink $links,
        private LinkedBooking $linked,
        private PayOnline $pay,
        private PollSchedule $polling,
        private Catalogue $catalogue,
    ) {
    }

    public function __invoke(Request $request, string $id): RedirectResponse|View
    {
        $booking = $this->linked->find($request, $id);
        $payment = $this->pay->ask($booking);
        if ($payment === null) {
            return new RedirectResponse($this->links->to($booking));
        }
        $page = $this->pay->page($payment);
        if ($page !== null) {
            return new RedirectResponse($page);
        }
        $this->polling->watched($payment);
        $said = $payment->asks > self::PATIENT ? 'page.pay.nobody_answers' : 'page.pay.opening';

        return view('opening', ['message' => $this->catalogue->say($said)]);
    }
}
