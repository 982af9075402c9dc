<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\CurrentBusiness;
use App\Sales\AuditBook;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Database\Events\QueryExecuted;
use PDO;

/**
 * Looks how the database goes about what it is asked: whatever is looked for in a table of businesses' rows must be
 * found by the beginning of one of its keys, or it takes as long as there are rows, of whomever. How many there are in
 * a test says nothing, so it is asked which keys could be used, not which one is.
 */
final class Plans
{
    private const ASKS = '/^\s*\(?\s*(?:select|update|delete)\b/i';

    /** @var array<string, true> statements that have been looked at, whatever they were asked with */
    private static array $known = [];

    /** @var array<string, bool>|null whether its rows are businesses', by table */
    private static ?array $tables = null;

    /** @return list<string> what cannot be found by a key, with the statement */
    public static function scans(QueryExecuted $query): array
    {
        $shape = (string) preg_replace('/\?(?:, \?)+/', '?', $query->sql);
        if (isset(self::$known[$shape]) || preg_match(self::ASKS, $query->sql) !== 1) {
            return [];
        }
        if (! self::isOurs()) {
            return [];
        }
        self::$known[$shape] = true;
        $pdo = $query->connection->getRawPdo();
        assert($pdo instanceof PDO);
        self::$tables ??= self::tables($pdo);
        $found = [];
        foreach ($pdo->query("explain {$query->toRawSql()}")?->fetchAll(PDO::FETCH_ASSOC) ?: [] as $step) {
            if ($step['table'] === null) {
                continue; // there was nothing to be found
            }
            $name = self::named($step['table'], $query->sql);
            if ((self::$tables[$name] ?? false) && $step['possible_keys'] === null && $step['key'] === null) {
                $found[] = "{$name}: {$query->toRawSql()}";
            }
        }

        return $found;
    }

    /**
     * Whether the application asks, and would ask so by itself: not a test; not a model that a test has called without
     * a business, which is added wherever one is spoken of; nor what looks through all of the book on purpose.
     */
    private static function isOurs(): bool
    {
        $frames = debug_backtrace(DEBUG_BACKTRACE_IGNORE_ARGS);
        $classes = array_column($frames, 'class');
        if (in_array(AuditBook::class, $classes, true)) {
            return false;
        }
        $ofModel = array_intersect([Builder::class, Relation::class], $classes) !== [];
        $across = in_array(['across', CurrentBusiness::class], array_map(
            static fn (array $frame): array => [$frame['function'], $frame['class'] ?? ''],
            $frames,
        ), true);
        if ($ofModel && ! $across && app(CurrentBusiness::class)->isAcross()) {
            return false;
        }
        foreach ($frames as $frame) {
            $file = $frame['file'] ?? '';
            if (str_starts_with($file, app_path().'/')) {
                return true;
            }
            if (str_starts_with($file, base_path('tests/App/'))) {
                return false;
            }
        }

        return false;
    }

    /** A table goes by another name in some statements. */
    private static function named(string $alias, string $sql): string
    {
        $is = '/\b(?:from|join)\s+`?(\w+)`?\s+(?:as\s+)?`?'.preg_quote($alias, '/').'`?\b/i';

        return preg_match($is, $sql, $found) === 1 ? $found[1] : $alias;
    }

    /** @return array<string, bool> */
    private static function tables(PDO $pdo): array
    {
        $all = $pdo->query("select table_name, max(column_name = 'business_id') from information_schema.columns
            where table_schema = database() group by table_name");

        return array_map(static fn (mixed $has): bool => (bool) $has, $all ? $all->fetchAll(PDO::FETCH_KEY_PAIR) : []);
    }
}
