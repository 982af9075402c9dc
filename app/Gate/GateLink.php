<?php

declare(strict_types=1);

namespace App\Gate;

use App\Models\Business;
use App\Support\Given;
use App\Times\Choice;
use App\Times\VisitChoice;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use YardBell\Core\Availability\VisitAsk;
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
            service: $service,
            member: self::staff($business, $one?->strings('staff') ?? [], self::text($request, 'with')),
            party: max(1, min($most, self::number($request, 'party') ?? 1)),
            minutes: in_array($minutes, $one?->ints('lengths') ?? [], true) ? $minutes : null,
            location: count($places) > 1 ? (in_array($place, $places, true) ? $place : $places[0]) : null,
        );
    }

    /** The time that is picked: an instant; null: none. */
    public static function start(Request $request): ?int
    {
        $at = $request->query('at');
        try {
            return is_string($at) ? Wall::instant($at) : null;
        } catch (InvalidTime) {
            return null;
        }
    }

    /**
     * What is to follow it in the same visit: ?then=SERVICE,SERVICE/with/STAFF/for/MINUTES&wait=…&order=any&same=1.
     *
     * @param  list<Given>  $offered services of the page
     * @return VisitChoice|null null: nothing, or what cannot be a visit
     */
    public function visit(Request $request, Business $business, array $offered, Choice $first): ?VisitChoice
    {
        $parts = [$first];
        foreach (array_filter(explode(',', self::text($request, 'then'))) as $said) {
            $words = explode('/', $said);
            $one = self::named($offered, $words[0]);
            if ($one === null || ! $one->bool('joins') || count($parts) === VisitAsk::MOST) {
                return null;
            }
            $minutes = filter_var(self::after('for', $words), FILTER_VALIDATE_INT);
            $parts[] = new Choice(
                $words[0],
                self::staff($business, $one->strings('staff'), self::after('with', $words)),
                $first->party,
                in_array($minutes, $one->ints('lengths'), true) ? $minutes : null,
            );
        }
        $joins = self::named($offered, $first->service)?->bool('joins') === true;
        $wait = max(0, min(VisitAsk::LONGEST_WAIT, self::number($request, 'wait') ?? 0));
        [$order, $same] = [self::text($request, 'order') === 'any', self::text($request, 'same') === '1'];

        return $joins && count($parts) > 1 ? new VisitChoice($parts, $wait, $order, $same) : null;
    }

    /** @param  list<string>  $words */
    private static function after(string $word, array $words): string
    {
        $place = array_search($word, $words, true);

        return $place === false ? '' : $words[$place + 1] ?? '';
    }

    /**
     * The day from which times are shown: that of ?at, or ?day, or a date in ?from as older links have it; null: today.
     */
    public function day(Request $request, Business $business): ?int
    {
        $at = self::text($request, 'at');
        $from = self::text($request, 'day') ?: self::text($request, 'from');
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
