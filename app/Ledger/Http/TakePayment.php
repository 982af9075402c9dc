<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Models\PaymentMethod;
use App\Payments\DeskPayment;
use App\Payments\TakeMoney;
use App\Support\DryRun;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Takes money at the desk. */
final readonly class TakePayment
{
    public function __construct(private TakeMoney $take, private SaleSlip $slip, private DryRun $tried)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $asked = Amounts::check($request, [
            'method' => [
                'required',
                Rule::in(array_map(static fn (PaymentMethod $way): string => $way->value, PaymentMethod::AT_THE_DESK)),
            ],
            'amount' => Amounts::some(),
            'tip' => Amounts::some(),
            'given' => ['nullable', ...Amounts::some()],
            'keepsRest' => 'required|boolean',
            'seen' => 'required|integer',
            'tries' => 'nullable|integer|in:0,1',
        ]);
        $taking = new DeskPayment(
            method: PaymentMethod::from($asked->string('method')),
            amount: $asked->int('amount'),
            tip: $asked->int('tip'),
            given: $asked->intIf('given'),
            keepsRest: $asked->bool('keepsRest'),
        );
        $by = Asker::access($request)->user->name;
        $take = fn (): array => $this->slip->of(
            $business,
            ($this->take)(business: $business, id: $id, taking: $taking, seen: $asked->int('seen'), by: $by),
        );

        return new JsonResponse($asked->intIf('tries') === 1 ? $this->tried->of($take) : $take());
    }
}
