<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Business;
use YardBell\Core\Availability\RuleBook;

/** Reads what a business has set up, as values of the core: a fixed number of queries, however much there is of it. */
interface ReadsSetup
{
    public function book(Business $business): RuleBook;
}
