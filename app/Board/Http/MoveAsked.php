<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Access\Access;
use App\Board\CheckOverride;
use App\Bookings\Destination;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Checks;
use App\Support\CoreSentence;
use App\Support\Given;
use App\Support\Refusal;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/** Where somebody wants a booking to go, read from a body. */
final readonly class MoveAsked
{
    public function __construct(private CheckOverride $check)
    {
    }

    public static function given(Request $request): Given
    {
        return Given::in($request->validate(
            [
                'start' => 'nullable|required_without:at|string|max:20',
                'at' => ['nullable', Checks::wall()],
                'staff' => 'nullable|array|list|min:1|max:200',
                'staff.*' => 'string|max:26',
                'location' => 'nullable|string|max:26',
                'minutes' => 'nullable|integer|min:1|max:43200',
                'told' => 'nullable|boolean',
                'later' => 'nullable|boolean',
                'each' => 'nullable|array|list|max:200',
                'each.*' => 'array:id,start',
                'each.*.id' => 'required|string|max:26',
                'each.*.start' => 'nullable|string|max:20',
                'was' => 'nullable|string|max:20',
                ...CheckOverride::rules(),
            ],
            [
                'start.required_without' => 'wrong.desk.hour',
                'minutes.*' => 'wrong.choice.minutes',
            ],
        ));
    }

    public function destination(Business $business, Access $access, Booking $booking, Given $given): Destination
    {
        $to = new Destination(
            start: self::start($business, $given),
            staff: $given->stringsIf('staff'),
            minutes: $given->intIf('minutes'),
            override: CheckOverride::asked($given, $access),
            location: $this->location($business, $given),
            was: self::instant($given->stringIf('was')),
        );

        return $this->check->ofMove($business, $access, $booking, $to);
    }

    /** @return array<string, int|null> another start of later ones, by booking; null: it stays where it is */
    public static function each(Given $given): array
    {
        $each = [];
        foreach ($given->each('each') as $one) {
            $each[$one->string('id')] = self::instant($one->stringIf('start'));
        }

        return $each;
    }

    private function location(Business $business, Given $given): ?string
    {
        $id = $given->stringIf('location');

        return $id === null ? null : $business->locations()->findOrFail($id)->id;
    }

    private static function instant(?string $written): ?int
    {
        try {
            return $written === null ? null : Wall::instant($written);
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }
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
