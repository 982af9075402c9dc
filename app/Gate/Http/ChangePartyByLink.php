<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\ChangeParty;
use App\Facts\EffectWords;
use App\Gate\ClientBooking;
use App\Gate\GatePage;
use App\Gate\LinkedBooking;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** More or fewer come than were booked for. */
final readonly class ChangePartyByLink
{
    public function __construct(
        private ChangeParty $change,
        private ClientBooking $shape,
        private LinkedBooking $linked,
        private EffectWords $told,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $business = $this->linked->find($request, $id)->business;
        $given = self::given($request);
        $changed = ($this->change)($business, $id, $given->int('party'), $given->text('seen') ?: null);

        return new JsonResponse($this->shape->of($changed));
    }

    /** What it would cost then; nothing is done. */
    public function tried(Request $request, string $id): JsonResponse
    {
        $business = $this->linked->find($request, $id)->business;
        $change = $this->change->tried($business, $id, self::given($request)->int('party'));

        return new JsonResponse($this->told->change($change, toClient: true));
    }

    private static function given(Request $request): Given
    {
        return Given::in($request->validate(
            [
                'party' => 'required|integer|min:1|max:'.GatePage::LARGEST_PARTY,
                'seen' => 'nullable|string|max:40',
            ],
            ['party.*' => 'wrong.choice.party'],
        ));
    }
}
