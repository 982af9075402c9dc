<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\RuleBook;

/** What a `yardbell/1` document says. */
final readonly class Scenario
{
    public function __construct(public RuleBook $book, public Diary $diary)
    {
    }
}
