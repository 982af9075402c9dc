<?php

declare(strict_types=1);

namespace App\Console;

use Database\Demonstration\Demonstration;
use Illuminate\Console\Command;

final class Demonstrate extends Command
{
    protected $signature = 'demonstrate';

    protected $description = 'Load the demonstration, unless it is there already';

    public function handle(Demonstration $demonstration): int
    {
        $this->line($demonstration->load() ? 'The demonstration is loaded.' : 'The demonstration is there already.');

        return self::SUCCESS;
    }
}
