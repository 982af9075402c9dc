<?php

declare(strict_types=1);

namespace App\StandIns\Http;

use App\StandIns\ProcessorMoney;
use App\StandIns\ProcessorStandIn;
use App\Support\Money;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The processor's own payment page. */
final readonly class ProcessorPage
{
    public function __construct(private ProcessorStandIn $processor, private ProcessorMoney $money)
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

    /** What is kept on the processor's side: its checkouts, with what can go wrong later. */
    public function index(): View
    {
        return view('stand-ins.processor', [
            'checkouts' => $this->processor->latest(),
            'disputes' => [
                '' => ['open' => 'Their bank takes it back'],
                'open' => ['won' => 'The shop wins', 'lost' => 'The client wins'],
            ],
        ]);
    }

    public function dispute(Request $request, string $id): RedirectResponse
    {
        $state = $request->string('state')->value();
        if (in_array($state, ['open', 'won', 'lost'], true)) {
            $this->processor->dispute($id, $state);
        }

        return redirect('/stand-ins/processor');
    }

    public function payOut(): RedirectResponse
    {
        $this->money->payOut();

        return redirect('/stand-ins/processor');
    }
}
