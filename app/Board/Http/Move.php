<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Bookings\MoveBooking;
use App\Http\Asker;
use App\Models\Business;
use App\Support\Checks;
use App\Support\CoreSentence;
use App\Support\Given;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/** Gives a booking another time, perhaps other people. */
final readonly class Move
{
    public function __construct(private MoveBooking $move, private BookingCard $card)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $given = Given::in($request->validate(
            [
                'start' => 'nullable|required_without:at|string|max:20',
                'at' => ['nullable', Checks::wall()],
                'staff' => 'nullable|array|list|min:1|max:200',
                'staff.*' => 'string|max:26',
                'told' => 'nullable|boolean',
            ],
            ['start.required_without' => 'wrong.desk.which_hour'],
        ));
        $booking = ($this->move)(
            $business,
            $id,
            self::start($business, $given),
            $given->stringsIf('staff'),
            $access->user->name,
            $given->has('told') ? $given->bool('told') : true,
        );

        return new JsonResponse($this->card->of($booking));
    }

    /** An instant, or a time as clocks show it there. */
    private static function start(Business $business, Given $given): int
    {
        $at = $given->stringIf('at');
        try {
            return $at === null
                ? Wall::instant($given->string('start'))
                : $business->zone()->first(Wall::dateTime($at));
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }
    }
}
