<?php

declare(strict_types=1);

namespace App\Sessions\Http;

use App\Http\Asker;
use App\Sessions\GatheringAsked;
use App\Sessions\SessionDates;
use App\Support\Checks;
use App\Support\Given;
use App\Times\RepeatAsked;
use App\Times\RulesReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What stands in the way of each date of sessions that are to be scheduled; nothing is. */
final readonly class AskSessionDates
{
    public function __construct(private RulesReader $rules, private SessionDates $dates)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate(
            [...GatheringAsked::rules(), ...RepeatAsked::rules(), 'at' => ['required', Checks::wall()]],
            [...GatheringAsked::sentences(), ...RepeatAsked::sentences()],
        ));

        return new JsonResponse(['dates' => $this->dates->of(
            $business,
            Asker::access($request),
            GatheringAsked::of($this->rules->book($business), $given),
            RepeatAsked::of($given),
        )]);
    }
}
