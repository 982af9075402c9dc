<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Bookings\OtherTimes;
use App\Http\Asker;
use App\Models\Booking;
use App\Support\Checks;
use App\Support\Given;
use App\Times\RulesReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\Wall;

/** Where a booking may hang on a day, as long as it is or for another length: starts, each with who would take it. */
final readonly class AskMoveTimes
{
    private const MOST_LENGTHS = 200;

    public function __construct(private OtherTimes $times, private RulesReader $rules)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate(
            ['date' => ['required', Checks::date()], 'minutes' => 'nullable|integer|min:1|max:43200'],
            ['minutes.*' => 'wrong.choice.minutes'],
        ));
        $booking = Booking::query()->where('business_id', $business->id)->findOrFail($id);
        $day = Wall::day($given->string('date'));
        $starts = [];
        $book = $this->rules->book($business);
        foreach ($this->times->on(
            business: $business,
            book: $book,
            booking: $booking,
            day: $day,
            minutes: $given->intIf('minutes'),
        ) as $slot) {
            $at = Wall::writeInstant($slot->start);
            $starts[$at] ??= ['at' => $at, 'staff' => [], 'places' => []];
            array_push($starts[$at]['staff'], ...$slot->staff);
            if (! in_array($slot->location, $starts[$at]['places'], true)) {
                $starts[$at]['places'][] = $slot->location;
            }
        }

        $lengths = ($book->services[$booking->service_id] ?? null)?->lengths?->all() ?? [];

        return new JsonResponse([
            'starts' => array_values($starts),
            'lengths' => array_map(
                static fn (int $minutes): int => $minutes + $booking->extra_minutes,
                array_slice($lengths, 0, self::MOST_LENGTHS),
            ),
        ]);
    }
}
