<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Business;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\RuleBook;

/** Reads what is booked around the dates that are shown, and knows what it has read. Whose turn it is, is not asked. */
final class DiaryReads
{
    /** @var list<DiaryRows> */
    private array $all = [];

    /** @param  list<string>  $moving ids of bookings that are in nobody's way: they are what is moved */
    public function __construct(
        private readonly RulesReader $rules,
        private readonly Business $business,
        public readonly RuleBook $book,
        private readonly array $moving = [],
    ) {
    }

    /** @param  non-empty-list<Ask>  $asks one, or one for each part of a visit */
    public function diary(array $asks): Diary
    {
        $rows = $this->rules->rows($this->business, RulesReader::window($this->book, $asks));
        $this->all[] = $rows;

        return $rows->diary()->without(...$this->moving);
    }

    /**
     * The dates, of those that were read, on which there is a session of a service, full or not.
     *
     * @return list<int> day numbers
     */
    public function scheduled(string $service): array
    {
        $days = [];
        foreach ($this->all as $rows) {
            foreach ($rows->diary()->sessions as $session) {
                if ($session->service === $service && ! $session->cancelled) {
                    $days[] = $this->book->zone->day($session->start);
                }
            }
        }

        return $days;
    }

    /** @return list<DiaryRows> */
    public function all(): array
    {
        return $this->all;
    }
}
