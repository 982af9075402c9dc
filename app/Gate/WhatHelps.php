<?php

declare(strict_types=1);

namespace App\Gate;

use App\Models\Business;
use App\Models\Service;
use App\Times\Choice;
use App\Times\OpenTimes;
use App\Times\VisitChoice;

/**
 * What would help where nothing is free: another person, place or length, fewer people, nothing added, each with the
 * first start it would have. Nothing is said of what others have booked.
 */
final readonly class WhatHelps
{
    private const WAIT = 30; // minutes, as the page offers it

    public function __construct(private OpenTimes $times)
    {
    }

    /**
     * @param  int  $fromDay day number
     * @return list<array{kind: string, value: string, at: string}> the soonest first
     */
    public function of(Business $business, Choice $choice, ?VisitChoice $visit, int $fromDay): array
    {
        $ways = [];
        $others = $visit === null ? $this->alone($business, $choice) : self::together($visit);
        foreach ($others as [$kind, $value, $other]) {
            [$first, $whole] = $other instanceof VisitChoice ? [$other->parts[0], $other] : [$other, null];
            $at = $this->times->firstFrom($business, $first, $whole, $fromDay);
            if ($at !== null) {
                $ways[] = ['kind' => $kind, 'value' => $value, 'at' => $at];
            }
        }
        usort($ways, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return $ways;
    }

    /** @return list<array{string, string, Choice}> */
    private function alone(Business $business, Choice $choice): array
    {
        $service = GatePage::offered($business)->with('locations')->findOrFail($choice->service);
        $lengths = self::lengths($service);
        $others = [];
        if ($choice->member !== null) {
            $others[] = ['anyone', '', $choice->with(null)];
        }
        foreach ($service->locations as $location) {
            if ($choice->location !== null && $location->id !== $choice->location) {
                $others[] = ['place', $location->id, $choice->placed($location->id)];
            }
        }
        $shortest = $lengths === [] ? null : min($lengths);
        if ($shortest !== null && $shortest < ($choice->minutes ?? $service->minutes)) {
            $others[] = ['minutes', (string) $shortest, $choice->lasting($shortest)];
        }
        if ($choice->party > 1) {
            $others[] = ['party', (string) ($choice->party - 1), $choice->for($choice->party - 1)];
        }
        if ($choice->extra > 0) {
            $others[] = ['bare', '', $choice->bare()];
        }

        return $others;
    }

    /** @return list<array{string, string, VisitChoice}> */
    private static function together(VisitChoice $visit): array
    {
        return [
            ...$visit->isWithSomebody() ? [['anyone', '', $visit->withAnyone()]] : [],
            ...$visit->samePerson ? [['several', '', $visit->but(samePerson: false)]] : [],
            ...$visit->anyOrder ? [] : [['order', '', $visit->but(anyOrder: true)]],
            ...$visit->maxWait > 0 ? [] : [['wait', (string) self::WAIT, $visit->but(maxWait: self::WAIT)]],
        ];
    }

    /** @return list<int> to choose from */
    private static function lengths(Service $service): array
    {
        $lengths = $service->lengths ?? [];

        return array_is_list($lengths) ? $lengths : [$lengths['min']];
    }
}
