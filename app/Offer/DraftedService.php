<?php

declare(strict_types=1);

namespace App\Offer;

use App\Access\Access;
use App\Changes\Content;
use App\Changes\Draft;
use App\Language\Catalogue;
use App\Language\Sentence;
use App\Models\Business;
use App\Models\Session;
use App\Support\Clock;
use App\Support\Refusal;
use App\Times\DraftedBook;
use App\Times\RulesReader;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Verdict;
use YardBell\Core\Availability\WhyNot;

/** A service as it is being edited: what the core says of it before it is saved. */
final readonly class DraftedService
{
    public function __construct(
        private RulesReader $rules,
        private DraftedBook $drafted,
        private Clock $clock,
        private Catalogue $catalogue,
    ) {
    }

    /**
     * @param  list<Draft<Content>>  $drafts a service first, what changes with it after
     * @return array{RuleBook, string} the rule book with the drafts in it, and the id of the service
     */
    public function book(Business $business, Access $access, array $drafts): array
    {
        if ($drafts[0]->kind !== 'service' || $drafts[0]->content === null) {
            throw new Refusal(new Sentence('refusal.setup.first_draft'), 422, 'invalid');
        }

        return [$this->drafted->with($business, $access, $drafts), $drafts[0]->id];
    }

    /**
     * What keeps a service of sessions from being booked that no rule of it tells.
     *
     * @return list<array{what: string, advice: string, list: string, id: string|null, part: string}>
     */
    public function withoutSessions(Business $business, RuleBook $book, string $id): array
    {
        $service = $book->services[$id];
        $comes =
            $service->hasSessions &&
            Session::query()
                ->where('business_id', $business->id)
                ->where('service_id', $id)
                ->where('state', 'scheduled')
                ->where('starts_at', '>', $this->clock->now())
                ->exists();

        return ! $service->hasSessions || $comes
            ? []
            : [
                [
                    'what' => $this->catalogue->say('finding.none-comes.what'),
                    'advice' => $this->catalogue->say('finding.none-comes.advice'),
                    'list' => 'services',
                    'id' => $id,
                    'part' => '/kind',
                ],
            ];
    }

    /**
     * @param  int  $wall the hour asked about, as clocks show it there
     * @return array<string, mixed>
     */
    public function whyNot(Business $business, Access $access, RuleBook $book, string $service, int $wall): array
    {
        $at = $book->zone->first($wall);
        $day = $book->zone->day($at);
        $ask = new Ask($service, $day, $day, $this->clock->minute());
        $verdicts = (new WhyNot($book, $this->rules->diary($business, $book, $ask, turn: false)))->verdicts($ask, $at);

        $sentences = new WhySentences(
            catalogue: $this->catalogue,
            book: $book,
            business: $business,
            day: $day,
            service: $service,
            access: $access,
        );

        return [
            'offered' => array_filter($verdicts, static fn (Verdict $verdict): bool => $verdict->isOffered()) !== [],
            'rows' => array_map(
                fn (Verdict $verdict): array => [
                    'location' => $book->locations[$verdict->location ?? '']->name ?? null,
                    'staff' => array_map(
                        fn (string $id): string => $access->ownLane() === null || $access->ownLane() === $id
                            ? $book->staff[$id]->name
                            : $this->catalogue->say('why.somebody-else-of'),
                        $verdict->staff,
                    ),
                    'reasons' => array_values(
                        array_unique(array_map($sentences->of(...), $verdict->reasons), SORT_REGULAR),
                    ),
                ],
                $verdicts,
            ),
        ];
    }
}
