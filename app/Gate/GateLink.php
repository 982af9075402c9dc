<?php

declare(strict_types=1);

namespace App\Gate;

use App\Bookings\Choice;
use App\Models\Business;
use App\Support\Given;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/**
 * What a link to the Gate says beforehand: ?service=…&with=…&place=…&party=…&minutes=…&at=…. What it says wrongly, or
 * what is not offered any more, is as if it said nothing: whoever followed it can choose.
 */
final class GateLink
{
    /** @param  list<Given>  $offered services of the page */
    public function choice(Request $request, Business $business, array $offered, string $service): Choice
    {
        $one = self::named($offered, $service);
        $places = $one?->strings('locations') ?? [];
        $place = self::text($request, 'place');
        $minutes = self::number($request, 'minutes');
        $most = $one?->int('largestParty') ?? 1;

        return new Choice(
            $service,
            self::staff($business, $one?->strings('staff') ?? [], self::text($request, 'with')),
            max(1, min($most, self::number($request, 'party') ?? 1)),
            in_array($minutes, $one?->ints('lengths') ?? [], true) ? $minutes : null,
            count($places) > 1 ? (in_array($place, $places, true) ? $place : $places[0]) : null,
        );
    }

    /** The day from which times are shown: that of ?at, or of ?from; null: today. */
    public function day(Request $request, Business $business): ?int
    {
        $at = self::text($request, 'at');
        $from = self::text($request, 'from');
        try {
            return match (true) {
                $at !== '' => $business->zone()->day(Wall::instant($at)),
                $from !== '' => Wall::day($from),
                default => null,
            };
        } catch (InvalidTime) {
            return null;
        }
    }

    /** @param  list<Given>  $offered */
    private static function named(array $offered, string $service): ?Given
    {
        foreach ($offered as $one) {
            if ($one->string('id') === $service) {
                return $one;
            }
        }

        return null;
    }

    /**
     * Somebody by their id or by the short address of their own page.
     *
     * @param  list<string>  $does those who do the service
     */
    private static function staff(Business $business, array $does, string $with): ?string
    {
        $found = $with === ''
            ? null
            : $business
                ->staff()
                ->where('active', true)
                ->where(static fn (Builder $query) => $query->where('id', $with)->orWhere('page', $with))
                ->first()?->id;

        return in_array($found, $does, true) ? $found : null;
    }

    private static function text(Request $request, string $name): string
    {
        $value = $request->query($name);

        return is_string($value) ? $value : '';
    }

    private static function number(Request $request, string $name): ?int
    {
        $value = filter_var(self::text($request, $name), FILTER_VALIDATE_INT);

        return $value === false ? null : $value;
    }
}
