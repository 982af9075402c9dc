<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Bookings\UseCodes;
use App\Http\Asker;
use App\Ledger\SaleSlip;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Takes an offer code for what is booked already. */
final readonly class TakeCode
{
    public function __construct(private UseCodes $codes, private SaleSlip $slip)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $code = Given::in($request->validate(['code' => 'required|string|max:60']))->string('code');
        $by = Asker::access($request)->user->name;

        return new JsonResponse($this->slip->of($business, $this->codes->afterwards($business, $id, $code, $by)));
    }
}
