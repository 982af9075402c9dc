<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\DeskRepeats;
use App\Http\Asker;
use App\Support\Checks;
use App\Support\Given;
use App\Times\RepeatAsked;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Which of the times of a repeat fit. */
final readonly class AskDeskRepeats
{
    public function __construct(private DeskRepeats $repeats, private DeskChoice $choice)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate(
            [
                ...DeskChoice::rules($business),
                'at' => ['required', Checks::wall()],
                ...RepeatAsked::rules(),
            ],
            [
                ...DeskChoice::sentences(),
                ...RepeatAsked::sentences(),
            ],
        ));

        return new JsonResponse([
            'occurrences' => $this->repeats->of(
                $business,
                Asker::access($request),
                $this->choice->of($business, $given),
                RepeatAsked::of($given),
            ),
        ]);
    }
}
