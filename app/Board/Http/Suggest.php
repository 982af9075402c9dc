<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\Destination;
use App\Bookings\SuggestTimes;
use App\Http\Asker;
use App\Support\CoreSentence;
use App\Support\Given;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/** Suggests other times to somebody who waits for an answer. */
final readonly class Suggest
{
    private const MOST = 3;

    public function __construct(private SuggestTimes $suggest, private BookingCard $card)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate(
            [
                'times' => 'required|array|list|min:1|max:'.self::MOST,
                'times.*.start' => 'required|string|max:20',
                'times.*.staff' => 'required|array|list|min:1|max:200',
                'times.*.staff.*' => 'string|max:26',
                'why' => 'nullable|string|max:300',
            ],
            [
                'times.*' => 'wrong.suggest.how_many?most='.self::MOST,
                'why.max' => 'wrong.plain.too_long?max=:max',
            ],
        ));
        try {
            $times = array_map(
                static fn (Given $one): Destination => new Destination(
                    Wall::instant($one->string('start')),
                    $one->strings('staff'),
                ),
                $given->each('times'),
            );
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }
        $by = Asker::access($request)->user->name;

        return new JsonResponse($this->card->of(
            ($this->suggest)(business: $business, id: $id, times: $times, by: $by, why: $given->text('why')),
        ));
    }
}
