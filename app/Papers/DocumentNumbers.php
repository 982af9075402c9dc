<?php

declare(strict_types=1);

namespace App\Papers;

use Illuminate\Database\ConnectionInterface;

/**
 * Numbers of invoices and credit notes, without gaps, by business and year (rules.md L5). The row of the last one stays
 * locked until the document is written or nothing is: whoever issues at the same moment waits for it.
 */
final readonly class DocumentNumbers
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    /** Within the transaction that writes the document. */
    public function next(int $business, string $kind, int $year): int
    {
        $series = ['business_id' => $business, 'kind' => $kind, 'year' => $year];
        $this->db->statement(
            'insert into document_numbers (business_id, kind, year, last) values (?, ?, ?, 1) '
                .'on duplicate key update last = last + 1',
            array_values($series),
        );
        $last = $this->db->table('document_numbers')->where($series)->lockForUpdate()->value('last');
        assert(is_int($last));

        return $last;
    }
}
