<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\UseCodes;
use App\Gate\ClientBooking;
use App\Gate\LinkedBooking;
use App\Language\Catalogue;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Price\CodeUse;

/** The client names codes: what the held time costs with them, and what became of each. */
final readonly class NameCodes
{
    public function __construct(
        private UseCodes $use,
        private LinkedBooking $linked,
        private ClientBooking $shape,
        private Catalogue $catalogue,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        $given = $request->validate(
            ['codes' => 'present|array|list|max:5', 'codes.*' => 'required|string|max:60'],
            ['codes.*' => 'wrong.code.required'],
        );
        $uses = ($this->use)($booking->business, $id, Given::in($given)->strings('codes'));

        return new JsonResponse([
            'booking' => $this->shape->of($booking->refresh()),
            'codes' => array_map(
                fn (CodeUse $use): array => [
                    'code' => $use->named,
                    'applied' => $use->isApplied(),
                    'why' => $use->reason === null ? null : $this->catalogue->say("refusal.code.{$use->reason->value}"),
                ],
                $uses,
            ),
        ]);
    }
}
