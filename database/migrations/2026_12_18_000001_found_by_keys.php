<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What is looked for is found by a key, however many rows there are; what a sale comes to stands on its row, written
 * with its entries (see Ledger\Book), and what a payout moved is found by it.
 */
return new class() extends Migration
{
    private const SUMS = ['moves', 'sold', 'owed', 'total', 'paid', 'back', 'underway'];

    public function up(): void
    {
        Schema::table('sales', static function (Blueprint $table): void {
            $table->unsignedInteger('moves')->default(0)->comment('entries of the book');
            $table->unsignedInteger('sold')->default(0)->comment('of them, what says what it costs');
            $table->bigInteger('owed')->default(0)->comment('less what was paid; below zero: to be given back');
            $table->bigInteger('total')->default(0);
            $table->bigInteger('paid')->default(0)->comment('all that came in');
            $table->bigInteger('back')->default(0)->comment('what went back, or is on its way');
            $table->bigInteger('underway')->default(0)->comment('on its way back');
            $table->index(['business_id', 'owed']);
            $table->index(['business_id', 'total']);
            $table->index(['business_id', 'back']);
        });
        DB::statement(
            "update sales join (
                select business_id, sale_id, count(*) as moves,
                    sum(account = 'due'
                        and about in ('sold', 'taken_back', 'fee', 'added', 'less', 'waived')) as sold,
                    sum(if(account = 'due', amount, 0)) as owed,
                    sum(if(account = 'due' and about in ('sold', 'taken_back', 'fee', 'added', 'less', 'waived'),
                        amount, 0)) as total,
                    sum(if(account = 'due' and about in ('paid', 'undone'), -amount, 0)) as paid,
                    sum(if(account = 'due' and about = 'returned', amount, 0)) as back,
                    sum(if(account = 'returning', -amount, 0)) as underway
                from book_entries where sale_id is not null group by business_id, sale_id
            ) e on e.business_id = sales.business_id and e.sale_id = sales.id
            set sales.moves = e.moves, sales.sold = e.sold, sales.owed = e.owed, sales.total = e.total,
                sales.paid = e.paid, sales.back = e.back, sales.underway = e.underway",
        );
        Schema::table('book_entries', static function (Blueprint $table): void {
            $table->string('payout_id', 60)->nullable()->after('payment_id');
            $table->index(['business_id', 'payout_id']);
            $table->index(['business_id', 'booking_id', 'account']);
            $table->index(['business_id', 'account', 'day', 'amount'], 'book_entries_sums');
            $table->dropIndex('book_entries_business_id_account_day_index');
        });
        DB::unprepared('drop trigger if exists book_entries_no_update');
        DB::statement("update book_entries set payout_id = why where about = 'payout'");
        DB::unprepared('create trigger book_entries_no_update before update on book_entries for each row '
            ."signal sqlstate '45000' set message_text = 'book_entries is only added to'");
        Schema::table('clients', static function (Blueprint $table): void {
            $table->boolean('without_rates')->storedAs("rates = '[]'");
            $table->string('words', 450)->storedAs("concat_ws(' ', name, email, phone)");
            // in the order in which they are shown, with all that is looked for
            $table->index(['business_id', 'without_rates', 'name', 'id', 'words'], 'clients_by_name');
            $table->fullText('words');
        });
        Schema::create('drawers', static function (Blueprint $table): void {
            $table->foreignId('business_id')->primary()->constrained()->cascadeOnDelete();
            $table->bigInteger('amount')->comment('of cash by the book, minor unit');
        });
        DB::statement(
            "insert into drawers (business_id, amount)
                select business_id, sum(amount) from book_entries where account = 'cash' group by business_id",
        );
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->index(['visitor', 'created_at']);
            $table->index(['state', 'updated_at']);
            $table->index(['business_id', 'payment', 'state']);
        });
        Schema::table('payments', static fn (Blueprint $table) => $table->index('checkout'));
        Schema::table('invitations', static fn (Blueprint $table) => $table->index('expires_at'));
        Schema::table('attachments', static fn (Blueprint $table) => $table->index('created_at'));
        Schema::table('claims', static fn (Blueprint $table) => $table->index('day'));
    }

    public function down(): void
    {
        Schema::table('claims', static fn (Blueprint $table) => $table->dropIndex(['day']));
        Schema::table('attachments', static fn (Blueprint $table) => $table->dropIndex(['created_at']));
        Schema::table('invitations', static fn (Blueprint $table) => $table->dropIndex(['expires_at']));
        Schema::table('payments', static fn (Blueprint $table) => $table->dropIndex(['checkout']));
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->dropIndex(['visitor', 'created_at']);
            $table->dropIndex(['state', 'updated_at']);
            $table->dropIndex(['business_id', 'payment', 'state']);
        });
        Schema::drop('drawers');
        Schema::table('clients', static function (Blueprint $table): void {
            $table->dropFullText(['words']);
            $table->dropIndex('clients_by_name');
            $table->dropColumn(['words', 'without_rates']);
        });
        Schema::table('book_entries', static function (Blueprint $table): void {
            $table->index(['business_id', 'account', 'day']);
            $table->dropIndex('book_entries_sums');
            $table->dropIndex(['business_id', 'booking_id', 'account']);
            $table->dropIndex(['business_id', 'payout_id']);
            $table->dropColumn('payout_id');
        });
        Schema::table('sales', static function (Blueprint $table): void {
            $table->dropIndex(['business_id', 'owed']);
            $table->dropIndex(['business_id', 'total']);
            $table->dropIndex(['business_id', 'back']);
            $table->dropColumn(self::SUMS);
        });
    }
};
