<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Times\RuleBooks;
use App\Times\RulesReader;
use App\Times\TimeTaken;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Runs the same thing in many real processes, each with its own connection, all let loose at the same moment. */
final class Races
{
    /**
     * @param  callable(int): string  $do what it answers is the child's answer
     * @return list<string>
     */
    public static function run(int $processes, callable $do): array
    {
        DB::purge();
        app()->forgetInstance(RulesReader::class); // it holds the connection before
        app()->forgetInstance(RuleBooks::class);
        foreach (app('router')->getRoutes()->getRoutes() as $route) {
            $route->flushController(); // so does one that has been asked before
        }
        $folder = sys_get_temp_dir().'/race'.bin2hex(random_bytes(6));
        mkdir($folder);
        $go = microtime(true) + 0.4;
        $children = [];
        for ($i = 0; $i < $processes; $i++) {
            $child = pcntl_fork();
            if ($child === 0) {
                DB::connection()->getPdo();
                usleep((int) max(0, 1_000_000 * ($go - microtime(true))));
                file_put_contents("{$folder}/{$i}", self::answer($do, $i));
                posix_kill((int) getmypid(), SIGKILL); // without the test runner's own ending
            }
            $children[] = $child;
        }
        foreach ($children as $child) {
            pcntl_waitpid($child, $status);
        }

        return array_map(
            static fn (int $i): string => (string) @file_get_contents("{$folder}/{$i}"),
            range(0, $processes - 1),
        );
    }

    /** @param  callable(int): string  $do */
    private static function answer(callable $do, int $i): string
    {
        try {
            return $do($i);
        } catch (Throwable $wrong) {
            return $wrong instanceof TimeTaken
                ? 'taken, near: '.count($wrong->near)
                : $wrong::class.': '.$wrong->getMessage();
        }
    }
}
