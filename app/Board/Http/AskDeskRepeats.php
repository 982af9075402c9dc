<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\DeskRepeats;
use App\Http\Asker;
use App\Support\Checks;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use YardBell\Core\Booking\RepeatRule;
use YardBell\Core\Booking\RepeatUnit;
use YardBell\Core\Time\Wall;

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
                'every' => 'required|integer|min:1|max:365',
                'unit' => ['required', Rule::enum(RepeatUnit::class)],
                'count' => 'required|integer|min:2|max:'.RepeatRule::MOST,
            ],
            [
                ...DeskChoice::sentences(),
                'every.*' => 'wrong.desk.repeat_unit',
                'unit.*' => 'wrong.desk.repeat_unit',
                'count.*' => 'wrong.desk.repeat_count?most='.RepeatRule::MOST,
            ],
        ));
        $rule = new RepeatRule(
            Wall::dateTime($given->string('at')),
            $given->int('every'),
            RepeatUnit::from($given->string('unit')),
            count: $given->int('count'),
        );

        return new JsonResponse([
            'occurrences' => $this->repeats->of(
                $business,
                Asker::access($request),
                $this->choice->of($business, $given),
                $rule,
            ),
        ]);
    }
}
