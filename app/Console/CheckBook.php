<?php

declare(strict_types=1);

namespace App\Console;

use App\Sales\AuditBook;
use Illuminate\Console\Command;

final class CheckBook extends Command
{
    protected $signature = 'book:check';

    protected $description = 'Check that all sums of the book agree: sales, payments, refunds, tax, numbers';

    /** 0: all agrees; 1: what does not is said */
    public function handle(AuditBook $audit): int
    {
        $findings = $audit();
        foreach ($findings as $finding) {
            $this->error($finding);
        }
        if ($findings === []) {
            $this->info('The book agrees.');
        }

        return $findings === [] ? self::SUCCESS : self::FAILURE;
    }
}
