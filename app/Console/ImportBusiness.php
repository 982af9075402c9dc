<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Business;
use App\Models\User;
use App\Prices\WritePrices;
use App\Scenario\ImportDocument;
use App\Scenario\Replacement;
use App\Support\Given;
use Illuminate\Console\Command;
use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Change;
use YardBell\Core\CoreException;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Scenario\Scenario;
use YardBell\Core\Time\Wall;

final class ImportBusiness extends Command
{
    protected $signature = 'import {file : a yardbell/1 document} {--business= : whose set-up it replaces} '
        .'{--owner= : mail address of whoever a new business belongs to} '
        .'{--yes : do it, not only show what it would do}';

    protected $description = 'Take a yardbell/1 document in: as a new business, or in place of the set-up of one';

    public function handle(ImportDocument $import): int
    {
        $scenario = $this->read(Given::in($this->arguments())->string('file'));
        if ($scenario === null) {
            return 2;
        }

        return $this->option('business') === null
            ? $this->asNew($import, $scenario)
            : $this->replace($import, $scenario);
    }

    private function read(string $file): ?Scenario
    {
        $json = is_file($file) ? @file_get_contents($file) : false;
        if ($json === false) {
            $this->error("\"{$file}\" cannot be read.");

            return null;
        }
        try {
            return Reader::read($json);
        } catch (CoreException $wrong) {
            $this->error($wrong->getMessage());

            return null;
        }
    }

    private function asNew(ImportDocument $import, Scenario $scenario): int
    {
        $owner = User::query()->where('email', $this->option('owner'))->first();
        if ($owner === null) {
            $this->error(
                'A new business needs an owner: --owner takes the mail address of somebody who signs in. To replace '
                    .'the set-up of a business, say --business.',
            );

            return 2;
        }
        $business = $import->asNew($scenario, $owner);
        $this->line(
            "{$business->name} is there, at "
                .config()->string('app.url')
                ."/at/{$business->slug}/board. Its page is not published yet.",
        );

        return self::SUCCESS;
    }

    private function replace(ImportDocument $import, Scenario $scenario): int
    {
        $left = WritePrices::leftOut($scenario);
        if ($left !== []) {
            $this->warn(
                'Not taken in, since clients are not replaced: '.implode(', ', $left).'. Keep the document.',
            );
        }

        $slug = Given::in($this->options())->string('business');
        $business = Business::query()->where('slug', $slug)->first();
        if ($business === null) {
            $this->error("There is no business \"{$slug}\"; --business takes the address of its page.");

            return 2;
        }
        $this->tell(
            $this->option('yes') === true
                ? $import->replace($business, $scenario)
                : $import->preview($business, $scenario),
            $scenario,
        );
        $this->line(
            $this->option('yes') === true
                ? "The set-up of {$business->name} is replaced."
                : 'Nothing is changed yet; add --yes to do it.',
        );

        return self::SUCCESS;
    }

    private function tell(Replacement $done, Scenario $scenario): void
    {
        $count = static fn (array $changes): int => array_sum(
            array_map(static fn (Change $change): int => count($change->starts), $changes),
        );
        [$opens, $closes] = [$count($done->effect->opens), $count($done->effect->closes)];
        $this->line(
            "In the next four weeks {$opens} starts open, {$closes} close, and "
                .count($done->stranded)
                .' bookings no longer lie in open time'
                .($done->stranded === [] ? '.' : ':'),
        );
        foreach ($done->stranded as $booking) {
            $this->line('  '.$this->written($booking, $scenario));
        }
    }

    private function written(Booking $booking, Scenario $scenario): string
    {
        return Wall::writeInstant($booking->start)
            ." {$booking->id}, "
            .($scenario->book->services[$booking->service]->name ?? 'a service that is gone');
    }
}
