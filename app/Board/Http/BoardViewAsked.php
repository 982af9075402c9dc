<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BoardView;
use App\Board\LanesBy;
use App\Http\Asker;
use App\Support\CoreSentence;
use App\Support\Refusal;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/** What somebody asks to look at, as far as they may. */
final readonly class BoardViewAsked
{
    private const MOST_CHOSEN = 200;

    /** @throws Refusal where it names a date, or lanes, that there are not */
    public static function of(Request $request): BoardView
    {
        $asked = $request->validate([
            'span' => 'in:day,week',
            'lanes' => 'in:people,places,units',
            'whose' => 'in:all,working',
            'staff' => 'string|max:'. 27 * self::MOST_CHOSEN,
            'location' => 'string|max:26',
        ]);
        $text = static fn (string $name): string => is_string($asked[$name] ?? null) ? $asked[$name] : '';
        $looking = new BoardView(
            day: self::day($request),
            week: $text('span') === 'week',
            by: LanesBy::tryFrom($text('lanes')) ?? LanesBy::People,
            working: $text('whose') === 'working',
            chosen: array_values(array_filter(explode(',', $text('staff')))),
            location: $text('location') === '' ? null : $text('location'),
        );
        $own = Asker::access($request)->ownLane();

        return $own === null ? $looking : $looking->only($own);
    }

    private static function day(Request $request): ?int
    {
        $date = $request->query('date');
        try {
            return is_string($date) ? Wall::day($date) : null;
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }
    }
}
