<?php

declare(strict_types=1);

namespace App\Roster;

use App\Language\Catalogue;
use App\Models\Business;
use App\Support\Column;
use App\Times\RuleBooks;
use Illuminate\Contracts\Cache\Repository;
use YardBell\Core\Availability\CheckRules;
use YardBell\Core\Availability\Finding;
use YardBell\Core\Availability\RuleBook;

/** What still keeps something from being booked, as the core finds it; kept with the version of the rule book. */
final readonly class Checklist
{
    public function __construct(private RuleBooks $books, private Repository $cache, private Catalogue $catalogue)
    {
    }

    /** @return list<array{what: string, advice: string, list: string, id: string|null, part: string}> */
    public function of(Business $business): array
    {
        return array_map($this->said(...), $this->kept($business)[0]);
    }

    /** Whether anything at all could be booked. */
    public function canBeBooked(Business $business): bool
    {
        return $this->kept($business)[1];
    }

    /**
     * @return list<array{what: string, advice: string, list: string, id: string|null, part: string}> of one service, by
     *   a rule book that may not be saved yet
     */
    public function ofService(RuleBook $book, string $id): array
    {
        return array_map($this->said(...), (new CheckRules($book))->ofService($id));
    }

    /** @return array{list<Finding>, bool} */
    private function kept(Business $business): array
    {
        $key = "faults-{$business->id}";
        $kept = $this->cache->get($key);
        if (is_array($kept) && $kept[0] === $business->rules_version) {
            /** @var array{list<Finding>, bool} $found as it was put there, below */
            $found = [$kept[1], $kept[2]];

            return $found;
        }
        $book = $this->books->of($business);
        $book = $book->with(
            services: array_diff_key(
                $book->services,
                array_flip(Column::strings($business->services()->where('active', false)->pluck('id'))),
            ),
        );
        $findings = (new CheckRules($book))->findings();
        $can = self::leavesAny($book, $findings);
        $this->cache->forever($key, [$business->rules_version, $findings, $can]);

        return [$findings, $can];
    }

    /**
     * Whether a service is left that nothing stops.
     *
     * @param  list<Finding>  $findings
     */
    private static function leavesAny(RuleBook $book, array $findings): bool
    {
        $left = $book->services;
        foreach ($findings as $finding) {
            if ($finding->id === null && ! str_starts_with($finding->part, '/specialDays')) {
                return false; // no hours, nobody, nowhere, nothing
            }
            unset($left[$finding->list === 'services' ? $finding->id : '']);
        }

        return $left !== [];
    }

    /** @return array{what: string, advice: string, list: string, id: string|null, part: string} */
    private function said(Finding $finding): array
    {
        $code = "finding.{$finding->fault->value}";

        return [
            'what' => $this->catalogue->say("{$code}.what", $finding->facts),
            'advice' => $this->catalogue->say("{$code}.advice", $finding->facts),
            'list' => $finding->list,
            'id' => $finding->id,
            'part' => $finding->part,
        ];
    }
}
