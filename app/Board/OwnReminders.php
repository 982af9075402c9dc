<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\Business;
use App\Models\Reminder;
use App\Models\User;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Database\Eloquent\Builder;

/** What somebody wants to be reminded of: their own alone. */
final readonly class OwnReminders
{
    /** Days that one stays in sight which was not done. */
    private const STAYS = 7;

    public function __construct(private Clock $clock)
    {
    }

    /**
     * Those of a date, and on the day itself those before it that were not done.
     *
     * @param  int  $day day number
     * @return array{reminders: list<array{id: string, at: string, text: string, done: bool}>} in order of time
     */
    public function of(Business $business, User $user, int $day): array
    {
        $zone = $business->zone();
        [$from, $until] = $zone->dates($day, $day)->span();
        $isToday = $zone->day($this->clock->minute()) === $day;
        $found = self::own($business, $user)
            ->where('at', '<', Instants::toDatabase($until))
            ->where(static fn (Builder $query) => $query
                ->where('at', '>=', Instants::toDatabase($from))
                ->when($isToday, static fn (Builder $also) => $also->orWhere(
                    static fn (Builder $before) => $before
                        ->where('done', false)
                        ->where('at', '>=', Instants::toDatabase($from - self::STAYS * 24 * 60)),
                )))
            ->orderBy('at')
            ->orderBy('id')
            ->get();

        return [
            'reminders' => array_values(
                $found->map(static fn (Reminder $one): array => [
                    'id' => $one->id,
                    'at' => $one->at->format('Y-m-d\TH:i\Z'),
                    'text' => $one->text,
                    'done' => $one->done,
                ])->all(),
            ),
        ];
    }

    /** @return Builder<Reminder> */
    public static function own(Business $business, User $user): Builder
    {
        return Reminder::query()->where('business_id', $business->id)->where('user_id', $user->id);
    }
}
