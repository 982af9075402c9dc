<?php

declare(strict_types=1);

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** A statement that the database gives up so many times before it goes through. */
function givenUp(int $times): string
{
    return "begin not atomic
        set @tried = coalesce(@tried, 0) + 1;
        if @tried <= {$times} then
            signal sqlstate '40001' set mysql_errno = 1213, message_text = 'Deadlock found when trying to get lock';
        end if;
    end";
}

function tried(): int
{
    return (int) DB::scalar('select @tried');
}

beforeEach(fn () => DB::statement('set @tried = 0'));

it('runs a statement again that gave way to another', function (): void {
    DB::statement(givenUp(3));
    expect(tried())->toBe(4);
});

it('does not do so for ever', function (): void {
    expect(fn () => DB::statement(givenUp(100)))->toThrow(QueryException::class)->and(tried())->toBe(6);
});

it('leaves what is part of a transaction to whoever began it', function (): void {
    expect(fn () => DB::transaction(fn () => DB::statement(givenUp(1))))
        ->toThrow(QueryException::class)
        ->and(tried())->toBe(1);
    DB::transaction(fn () => DB::statement(givenUp(2)), attempts: 5);
    expect(tried())->toBe(3);
});
