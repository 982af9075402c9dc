<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\DeskQuote;
use App\Board\DeskTimes;
use App\Board\Narrowed;
use App\Http\Asker;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use YardBell\Core\Time\Wall;

/** What fits on a date, and of one start that was named whether it does. */
final readonly class AskDeskTimes
{
    public function __construct(private DeskTimes $times, private DeskChoice $choice, private DeskQuote $quote)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate(
            [
                ...DeskChoice::rules($business),
                'client' => [
                    'nullable',
                    'string',
                    'max:26',
                    Rule::exists('clients', 'id')->where('business_id', $business->id),
                ],
                'date' => 'bail|required|string|date_format:Y-m-d|after:1970-01-01|before:2199-01-01',
                'at' => 'nullable|date_format:H:i',
                'people' => 'nullable|array|list|max:200',
                'people.*' => 'string|max:26',
                'after' => 'nullable|date_format:H:i',
                'weekdays' => 'nullable|array|list|max:7',
                'weekdays.*' => 'integer|min:0|max:6',
            ],
            [
                ...DeskChoice::sentences(),
                'client.*' => 'wrong.desk.no_such_client',
                'date.*' => 'wrong.desk.date',
                'at.*' => 'wrong.desk.hour',
                'after.*' => 'wrong.desk.hour',
            ],
        ));
        $at = $given->stringIf('at');
        $choice = $this->choice->of($business, $given);
        $visit = $this->choice->visit($given, $choice);
        $day = Wall::day($given->string('date'));
        $minute = $at === null ? null : Wall::timeOfDay($at);
        $start = $minute === null ? null : $business->zone()->first($day * Wall::DAY + $minute);
        $price = $this->quote->of(
            business: $business,
            choice: $choice,
            visit: $visit,
            start: $start,
            client: $given->stringIf('client'),
        );

        return new JsonResponse(['price' => $price] + $this->times->of(
            business: $business,
            access: Asker::access($request),
            choice: $choice,
            visit: $visit,
            day: $day,
            minute: $minute,
            narrowed: new Narrowed(
                $given->stringsIf('people') ?? [],
                Wall::timeOfDay($given->stringIf('after') ?? '00:00'),
                $given->has('weekdays') ? $given->ints('weekdays') : [],
            ),
        ));
    }
}
