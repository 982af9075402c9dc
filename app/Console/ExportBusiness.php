<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Business;
use App\Models\CurrentBusiness;
use App\Scenario\ExportDocument;
use App\Support\Given;
use Illuminate\Console\Command;

final class ExportBusiness extends Command
{
    protected $signature = 'export {file : where to write the document} {--business= : address of its page}';

    protected $description = 'Write a business as a yardbell/1 document';

    public function handle(ExportDocument $export, CurrentBusiness $current): int
    {
        $given = Given::in([...$this->arguments(), ...$this->options()]);
        [$slug, $file] = [$given->string('business'), $given->string('file')];
        $business = Business::query()->where('slug', $slug)->first();
        if ($business === null) {
            $this->error("There is no business \"{$slug}\"; --business takes the address of its page.");

            return 2;
        }
        if (
            @file_put_contents($file, $current->of($business->id, static fn (): string => $export($business))."\n") ===
            false
        ) {
            $this->error("\"{$file}\" cannot be written.");

            return 2;
        }
        $this->line("{$business->name} is written to {$file}.");

        return self::SUCCESS;
    }
}
