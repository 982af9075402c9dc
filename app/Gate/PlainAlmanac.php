<?php

declare(strict_types=1);

namespace App\Gate;

use App\Language\Catalogue;
use App\Models\Business;
use App\Support\Given;
use App\Support\LocalTime;
use YardBell\Core\Time\Wall;

/** The open times as the page shows them before its scripts run: each a link that picks it. */
final readonly class PlainAlmanac
{
    /** Times of a day; all of them are there once the scripts run. */
    private const MOST = 12;

    /** Around what can be chosen, in a sentence that is cut there: signs that no text of ours has. */
    private const BEGINS = "\u{E000}";

    private const ENDS = "\u{E001}";

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  Given  $page as GatePage tells it
     * @param  Given  $times as OpenTimes tells them
     * @return array{
     *     sentence: list<array{text: string, isChoice: bool}>,
     *     joins: bool,
     *     days: list<array{date: string, none: string, starts: list<array{hour: string, link: string}>}>,
     * }
     */
    public function of(Business $business, Given $page, Given $times): array
    {
        [$days, $hours] = [[], []];
        foreach ($times->each('days') as $day) {
            $days[] = [
                'date' => LocalTime::day(Wall::day($day->string('date'))),
                'none' => $day->each('starts') === [] ? $this->none($day) : '',
                'starts' => self::starts($business, $times, $day, $hours),
            ];
        }

        return [
            'sentence' => $this->sentence($page, $times),
            'joins' => self::named($page, 'services', $times->string('service'))->bool('joins'),
            'days' => $days,
        ];
    }

    /**
     * @param  array<int, string>  $hours as they are written, each once: most days begin at the same minutes
     * @return list<array{hour: string, link: string}>
     */
    private static function starts(Business $business, Given $times, Given $day, array &$hours): array
    {
        $says = array_filter([
            'service' => $times->string('service'),
            'with' => $times->stringIf('staff'),
            'place' => $times->stringIf('location'),
            'minutes' => $times->intIf('minutes'),
        ]);

        return array_map(
            static function (Given $start) use ($business, $says, &$hours): array {
                $minute = $start->int('minute');
                $hours[$minute] ??= LocalTime::ofDay($minute, $business);

                return [
                    'hour' => $hours[$minute],
                    'link' => '?'.http_build_query([...$says, 'at' => $start->string('at')]),
                ];
            },
            array_slice($day->each('starts'), 0, self::MOST),
        );
    }

    /**
     * As the scripts will draw it, so that nothing moves when they do.
     *
     * @return list<array{text: string, isChoice: bool}>
     */
    private function sentence(Given $page, Given $times): array
    {
        $service = self::named($page, 'services', $times->string('service'));
        $people = array_filter(
            $page->each('staff'),
            static fn (Given $one): bool => in_array($one->string('id'), $service->strings('staff'), true),
        );
        $choosesWho = $service->bool('choosesStaff') && count($people) > 1;
        $places = $service->strings('locations');
        $place = self::named($page, 'locations', $times->stringIf('location') ?? $places[0] ?? '')->string('name');
        $who = match (true) {
            $choosesWho => self::named($page, 'staff', $times->string('staff'))->stringIf('name')
                ?? $this->catalogue->say('page.plain.anyone'),
            count($people) === 1 && ! $service->bool('session') => current($people)->string('name'),
            default => '',
        };
        $lengths = $service->ints('lengths');
        $length = LocalTime::length($times->intIf('minutes') ?? $lengths[0] ?? $service->int('minutes'));
        $choice = static fn (string $text, bool $isOne): string => $isOne ? self::BEGINS.$text.self::ENDS : $text;
        $said = $this->catalogue->say('page.sentence', [
            'service' => $choice($service->string('name'), true),
            'length' => $choice($this->catalogue->sentence($length), count($lengths) > 1),
            'hasWho' => $who === '' ? 'no' : 'yes',
            'who' => $choice($who, $choosesWho),
            'hasPlace' => $place === '' ? 'no' : 'yes',
            'place' => $choice($place, count($places) > 1),
        ]);
        $parts = [];
        foreach (preg_split('/['.self::BEGINS.self::ENDS.']/u', $said) ?: [] as $i => $text) {
            $parts[] = ['text' => $text, 'isChoice' => $i % 2 === 1];
        }

        return $parts;
    }

    private static function named(Given $page, string $list, string $id): Given
    {
        foreach ($page->each($list) as $one) {
            if ($one->string('id') === $id) {
                return $one;
            }
        }

        return Given::in([]);
    }

    private function none(Given $day): string
    {
        return $this->catalogue->say('page.none', ['why' => $day->stringIf('none') ?? 'full']);
    }
}
