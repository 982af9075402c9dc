<?php

declare(strict_types=1);

use App\Models\Id;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Identifiers have one form, capitals, and are compared to the letter: by the database as by PHP. Before, some were
 * small and some capital, and only the database took them for the same.
 */
return new class extends Migration
{
    private const ULID = '/"[0-9a-hjkmnp-tv-z]{26}"/i';

    public function up(): void
    {
        foreach ($this->columns() as $table => $columns) {
            DB::statement("alter table `{$table}` ".implode(', ', array_map($this->exact(...), $columns)));
            DB::statement(
                "update `{$table}` set "
                    .implode(
                        ', ',
                        array_map(
                            static fn (stdClass $column): string => "`{$column->name}` = upper(`{$column->name}`)",
                            array_filter($columns, static fn (stdClass $column): bool => $column->type === 'char(26)'),
                        ),
                    ),
            );
        }
        DB::statement('update claims set taker = upper(taker)');
        DB::statement('update setup_change_things set thing = upper(thing) where char_length(thing) = 26');
        foreach ($this->texts() as $text) {
            $this->capitals($text->table, $text->name);
        }
        foreach (DB::table('businesses')->pluck('id') as $id) {
            DB::table('businesses')
                ->where('id', $id)
                ->update(['rules_mark' => Id::make()]);
        }
    }

    public function down(): void
    {
        // Capitals and exact comparison do no harm to what was before.
    }

    /** @return array<string, list<stdClass>> columns that hold ids, by table */
    private function columns(): array
    {
        $rows = DB::select("select table_name as `table`, column_name as `name`, column_type as `type`,
                is_nullable as `nullable`, column_default as `default`, column_comment as `comment`
            from information_schema.columns where table_schema = database()
            and (column_type = 'char(26)' or (table_name = 'claims' and column_name = 'taker')
                or (table_name = 'setup_change_things' and column_name = 'thing'))");
        $byTable = [];
        foreach ($rows as $row) {
            $byTable[$row->table][] = $row;
        }
        ksort($byTable);
        foreach ($byTable as $table => $columns) {
            // what has no id of 26 letters is only altered
            if (array_filter($columns, static fn (stdClass $column): bool => $column->type === 'char(26)') === []) {
                DB::statement("alter table `{$table}` ".implode(', ', array_map($this->exact(...), $columns)));
                unset($byTable[$table]);
            }
        }

        return $byTable;
    }

    private function exact(stdClass $column): string
    {
        return "modify `{$column->name}` {$column->type} character set utf8mb4 collate utf8mb4_bin "
            .($column->nullable === 'YES' ? 'null' : 'not null')
            .($column->default === null ? '' : " default {$column->default}")
            .' comment '
            .DB::getPdo()->quote($column->comment);
    }

    /** @return list<stdClass> columns with JSON that names ids */
    private function texts(): array
    {
        return DB::select("select table_name as `table`, column_name as `name` from information_schema.columns
            where table_schema = database() and data_type = 'longtext' and table_name in ('add_ons', 'bookings',
                'closures', 'questions', 'scheduled_sessions', 'services', 'setup_change_things', 'special_days',
                'staff', 'outbox')");
    }

    private function capitals(string $table, string $column): void
    {
        $key = $table === 'setup_change_things' ? ['business_id', 'kind', 'thing', 'change_id'] : ['id'];
        foreach (
            DB::table($table)
                ->whereNotNull($column)
                ->orderBy($key[0])
                ->select([...$key, $column])
                ->cursor() as $row
        ) {
            $upper = (string) preg_replace_callback(
                self::ULID,
                static fn (array $id): string => strtoupper($id[0]),
                $row->{$column},
            );
            if ($upper !== $row->{$column}) {
                $of = DB::table($table);
                foreach ($key as $part) {
                    $of->where($part, $row->{$part});
                }
                $of->update([$column => $upper]);
            }
        }
    }
};
