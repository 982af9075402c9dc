<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Timeline;

use function array_filter;

/** What opens and closes for whoever does a service, at each of its places, before or after a change of the rules. */
final class GroundChanges
{
    /** @var array<string, GroundChange> those of services without hours of their own are the same */
    private array $known = [];

    /** @var array<string, string> whom each of them is about */
    private array $members = [];

    private readonly bool $sameCrews;

    public function __construct(
        private readonly RuleBook $before,
        private readonly RuleBook $after,
        private readonly OpenTime $had,
        private readonly OpenTime $has,
    ) {
        $this->sameCrews = $before->staff === $after->staff && $before->locations === $after->locations;
    }

    /** @return array<string, GroundChange> by who and where (LookedFor::key) */
    public function of(string $service): array
    {
        [$then, $now] = [$this->before->services[$service] ?? null, $this->after->services[$service] ?? null];
        $did = self::doers($this->before, $then);
        $does = $then === $now && $this->sameCrews ? $did : self::doers($this->after, $now);
        $own = [$then?->hours, $now?->hours] === [null, null] ? '' : $service;
        $grounds = [];
        foreach ($did + $does as $crew => [$member]) {
            $key = "{$crew} {$own} ".(isset($did[$crew]) ? 'did' : '').(isset($does[$crew]) ? 'does' : '');
            $this->members[$key] = $member->id;
            $grounds[$crew] = $this->known[$key] ??= GroundChange::between(
                self::time($this->had, $then, $did[$crew] ?? null),
                self::time($this->has, $now, $does[$crew] ?? null),
            );
        }

        return $grounds;
    }

    /** The open time of the people for whom it changes; where it does for nobody, of everybody concerned. */
    public function together(): GroundChange
    {
        $concerned = array_filter(
            $this->after->staff,
            fn (Member $member): bool => $member !== ($this->before->staff[$member->id] ?? null),
        );
        $all = $concerned === []
            ? $this->known
            : array_filter( // otherwise it is about somebody else
                $this->known,
                fn (string $key): bool => isset($concerned[$this->members[$key]]),
                ARRAY_FILTER_USE_KEY,
            );
        $changed = array_filter($all, static fn (GroundChange $one): bool => ! $one->isNothing());

        return GroundChange::together($changed === [] ? $all : $changed);
    }

    /** @return array<string, array{Member, Location}> who does it and where, by the two */
    private static function doers(RuleBook $book, ?Service $service): array
    {
        $doers = [];
        foreach ($service->staff ?? [] as $id) {
            $member = $book->staff[$id] ?? null;
            if ($member === null || ! $member->active) {
                continue;
            }
            foreach ($service->locations ?? [] as $at) {
                if (isset($book->locations[$at])) {
                    $doers[LookedFor::key($id, $at)] = [$member, $book->locations[$at]];
                }
            }
        }

        return $doers;
    }

    /** @param  array{Member, Location}|null  $crew null: nobody does it there */
    private static function time(OpenTime $open, ?Service $service, ?array $crew): Timeline
    {
        return $service === null || $crew === null
            ? Timeline::none()
            : $open->of($crew[0], $crew[1], $service)->subtract($crew[0]->off());
    }
}
