<?php

declare(strict_types=1);

namespace App\Gate;

use App\Language\Catalogue;
use App\Models\Business;
use App\Offer\WhySentences;
use App\Support\Clock;
use App\Times\Choice;
use App\Times\OpenTimes;
use App\Times\RulesReader;
use App\Times\VisitChoice;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\CauseKind;
use YardBell\Core\Availability\Obstacle;
use YardBell\Core\Availability\Reason;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Availability\WhyNothing;

/**
 * Why two weeks have no start (rules.md T19), in words that a client may know: what the business says of itself, and
 * nothing of what is booked, or why somebody is away.
 */
final readonly class NothingFree
{
    public function __construct(private RulesReader $rules, private Clock $clock, private Catalogue $catalogue)
    {
    }

    /**
     * @param  int  $fromDay day number
     * @return string empty, where there is something
     *
     * @throws NotFoundHttpException of a service, a person or a place that is not there
     */
    public function says(Business $business, Choice $choice, ?VisitChoice $visit, int $fromDay): string
    {
        $book = $this->rules->book($business);
        foreach ($visit === null ? [$choice] : $visit->parts as $part) {
            $why = $this->why($business, $book, $part, $fromDay);
            if ($why !== null) {
                return $visit === null
                    ? $why
                    : $this->catalogue->say('why.client.part', [
                        'service' => $book->services[$part->service]->name,
                        'why' => $why,
                    ]);
            }
        }

        return $visit === null ? '' : $this->catalogue->say('why.client.apart');
    }

    /**
     * Null: it has a start.
     *
     * @throws NotFoundHttpException
     */
    private function why(Business $business, RuleBook $book, Choice $choice, int $fromDay): ?string
    {
        $now = $this->clock->minute();
        $from = max($fromDay, $book->zone->day($now));
        $ask = $choice->during($from, $from + OpenTimes::DAYS - 1, $now);
        if (! $book->knows($ask)) {
            throw new NotFoundHttpException();
        }
        $diary = $this->rules->diary($business, $book, $ask, turn: false);
        if ((new SlotSearch($book, $diary))->slots($ask) !== []) {
            return null;
        }
        $first = (new WhyNothing($book, $diary))->reasons($ask)[0] ?? null;

        return $first === null ? null : $this->politely($first, $business, $book, $ask);
    }

    private function politely(Reason $reason, Business $business, RuleBook $book, Ask $ask): string
    {
        $who = ['who' => $ask->staff === null ? 'none' : $book->staff[$ask->staff]->name];
        if ($reason->causes[0]->kind === CauseKind::TimeOff) {
            return $this->catalogue->say('why.client.away', $who); // why is nobody's business
        }

        return match ($reason->what) {
            Obstacle::TooSoon,
            Obstacle::TooFar,
            Obstacle::NotYet,
            Obstacle::NoLonger,
            Obstacle::OtherPart,
            Obstacle::Length,
            Obstacle::Party => $this->openly($reason, $business, $book, $ask),
            Obstacle::Outside,
            Obstacle::Break,
            Obstacle::Closed,
            Obstacle::Grid,
            Obstacle::GridFromOpening => $this->catalogue->say('why.client.away', $who),
            Obstacle::NoLocation,
            Obstacle::NotThere,
            Obstacle::Nobody,
            Obstacle::NotAssigned,
            Obstacle::Resting => $this->catalogue->say('why.client.not-theirs', $who),
            Obstacle::UnitsElsewhere,
            Obstacle::UnitsTooFew,
            Obstacle::Places => $this->catalogue->say('why.client.many'),
            Obstacle::NoSession,
            Obstacle::SessionCancelled => $this->catalogue->say('why.client.session'),
            Obstacle::SessionPlaces,
            Obstacle::PlacesLeft,
            Obstacle::Taken,
            Obstacle::Travel,
            Obstacle::UnitTaken,
            Obstacle::ServiceFull,
            Obstacle::MemberFull,
            Obstacle::Gap => $this->catalogue->say('why.client.taken', $who),
        };
    }

    /** What the business says of itself. */
    private function openly(Reason $reason, Business $business, RuleBook $book, Ask $ask): string
    {
        $sentences = new WhySentences(
            catalogue: $this->catalogue,
            book: $book,
            business: $business,
            day: $ask->fromDay,
            service: $ask->service,
            access: null,
        );

        return $sentences->of($reason)['says'];
    }
}
