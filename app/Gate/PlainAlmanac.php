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

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  Given  $page as GatePage tells it
     * @param  Given  $times as OpenTimes tells them
     * @return array{
     *     sentence: string,
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

        return ['sentence' => $this->sentence($page, $times), 'days' => $days];
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

    private function sentence(Given $page, Given $times): string
    {
        $named = static function (string $list, ?string $id) use ($page): string {
            foreach ($page->each($list) as $one) {
                if ($one->string('id') === $id) {
                    return $one->string('name');
                }
            }

            return '';
        };

        $who = $named('staff', $times->stringIf('staff'));
        $place = $named('locations', $times->stringIf('location'));

        return $this->catalogue->say('page.sentence', [
            'service' => $named('services', $times->string('service')),
            'hasWho' => $who === '' ? 'no' : 'yes',
            'who' => $who,
            'hasPlace' => $place === '' ? 'no' : 'yes',
            'place' => $place,
        ]);
    }

    private function none(Given $day): string
    {
        return $this->catalogue->say('page.none', ['why' => $day->stringIf('none') ?? 'full']);
    }
}
