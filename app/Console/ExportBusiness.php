<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Business;
use App\Models\CurrentBusiness;
use App\Scenario\ExportDocument;
use App\Support\Given;
use Generator;
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
        if (! $current->of($business->id, fn (): bool => $this->write($file, $export->pieces($business)))) {
            $this->error("\"{$file}\" cannot be written.");

            return 2;
        }
        $this->line("{$business->name} is written to {$file}.");

        return self::SUCCESS;
    }

    /**
     * Piece by piece, beside what is there until it is whole.
     *
     * @param  Generator<string>  $pieces
     */
    private function write(string $file, Generator $pieces): bool
    {
        $draft = "{$file}.part";
        $handle = @fopen($draft, 'w');
        if ($handle === false) {
            return false;
        }
        $isWhole = true;
        foreach ($pieces as $piece) {
            $isWhole = $isWhole && @fwrite($handle, $piece) === strlen($piece);
        }
        $isWhole = $isWhole && @fwrite($handle, "\n") === 1 && fclose($handle) && @rename($draft, $file);
        if (! $isWhole) {
            @unlink($draft);
        }

        return $isWhole;
    }
}
