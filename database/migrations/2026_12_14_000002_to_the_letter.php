<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Identifiers that came later are compared to the letter as well (one_form_of_id), and so are the words that only the
 * program writes: by the rules of a language, each comparison takes longer, and finds what is another id to PHP.
 */
return new class extends Migration
{
    private const WORDS = [
        'bookings' => ['state', 'payment'],
        'book_entries' => ['account', 'about'],
        'documents' => ['kind'],
        'outbox' => ['channel', 'occasion', 'audience', 'state'],
        'payments' => ['state', 'kind', 'method'],
        'refunds' => ['state'],
        'sale_lines' => ['kind'],
        'scheduled_sessions' => ['state'],
    ];

    public function up(): void
    {
        $changes = [];
        foreach ($this->columns() as $column) {
            if ($column->type === 'char(26)' || in_array($column->name, self::WORDS[$column->table] ?? [], true)) {
                $changes[$column->table][] = self::exact($column);
            }
        }
        foreach ($changes as $table => $columns) {
            DB::statement("alter table `{$table}` ".implode(', ', $columns));
        }
    }

    public function down(): void
    {
        // Exact comparison does no harm to what was before.
    }

    /** @return list<stdClass> */
    private function columns(): array
    {
        return DB::select("select table_name as `table`, column_name as `name`, column_type as `type`,
                is_nullable as `nullable`, column_default as `default`, column_comment as `comment`
            from information_schema.columns
            where table_schema = database() and collation_name <> 'utf8mb4_bin'
            order by table_name, ordinal_position");
    }

    private static function exact(stdClass $column): string
    {
        return "modify `{$column->name}` {$column->type} character set utf8mb4 collate utf8mb4_bin "
            .($column->nullable === 'YES' ? 'null' : 'not null')
            .($column->default === null ? '' : " default {$column->default}")
            .' comment '
            .DB::getPdo()->quote($column->comment);
    }
};
