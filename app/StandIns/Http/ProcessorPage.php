<?php

declare(strict_types=1);

namespace App\StandIns\Http;

use App\StandIns\ProcessorStandIn;
use App\Support\Money;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The processor's own payment page. */
final readonly class ProcessorPage
{
    public function __construct(private ProcessorStandIn $processor)
    {
    }

    public function show(Request $request, string $id): View|RedirectResponse
    {
        $checkout = $this->processor->find($id);
        if (in_array($checkout->state, ['paid', 'kept', 'processing'], true)) {
            return redirect()->away($checkout->return_url);
        }

        return view('stand-ins.pay', [
            'checkout' => $checkout,
            'what' => $checkout->keeps_card
                ? 'Keep this card'
                : 'Pay '.Money::written((int) $checkout->amount, $checkout->currency),
            'keeps' => (bool) $checkout->keeps_card,
            'cards' => ProcessorStandIn::CARDS,
            'declined' => $request->has('declined'),
        ]);
    }

    public function pay(Request $request, string $id): RedirectResponse
    {
        $state = $this->processor->pay($id, $request->string('card')->value(), $request->boolean('step'));

        return match ($state) {
            'open' => redirect("/stand-ins/processor/pay/{$id}?declined"),
            'second_step' => redirect("/stand-ins/processor/pay/{$id}"),
            default => redirect()->away($this->processor->find($id)->return_url),
        };
    }
}
