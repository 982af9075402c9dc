<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What is owed for is a sale: payments hang on it, and all movements of money stand in a book that is only added to
 * (rules.md L1 to L6).
 */
return new class extends Migration
{
    /** Tables whose rows the database keeps as they were written. */
    private const ADDED_ONLY = ['sale_lines', 'book_entries', 'documents', 'day_closes'];

    public function up(): void
    {
        Schema::create('sales', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('id', 26)->unique();
            $table->char('client_id', 26)->nullable();
            $table->string('name', 120)->default('')->comment('of whom it is for, as given');
            $table->char('currency', 3);
            $table->timestamps();
            $table->primary(['business_id', 'id']);
            $table->index(['business_id', 'created_at']);
            $table->index(['business_id', 'client_id']);
        });
        Schema::create('sale_lines', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('id', 26)->unique();
            $table->char('sale_id', 26);
            $table->char('booking_id', 26)->nullable();
            $table->string('kind', 10)->comment('visit, off (a visit that is not taken), fee, added or less');
            $table->string('label', 120);
            $table->bigInteger('amount')->comment('with tax, minor unit');
            $table->json('taxes')->default('[]');
            $table->string('why', 300)->default('');
            $table->string('by', 120);
            $table->dateTime('at');
            $table->primary(['business_id', 'id']);
            $table->index(['business_id', 'sale_id']);
        });
        Schema::create('book_entries', static function (Blueprint $table): void {
            $table->unsignedBigInteger('id', true);
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('pair', 26)->comment('two entries, one against the other');
            $table->string('account', 12);
            $table->bigInteger('amount')->comment('minor unit; more on the account, or less');
            $table->char('currency', 3);
            $table->string('about', 12)->comment('what moved');
            $table->char('sale_id', 26)->nullable();
            $table->char('payment_id', 26)->nullable();
            $table->char('booking_id', 26)->nullable();
            $table->char('client_id', 26)->nullable();
            $table->char('staff_id', 26)->nullable();
            $table->string('rate', 80)->default('')->comment('of a tax');
            $table->date('day')->comment('local');
            $table->dateTime('at');
            $table->string('by', 120);
            $table->string('why', 300)->default('');
            $table->index(['business_id', 'id']);
            $table->index(['business_id', 'sale_id']);
            $table->index(['business_id', 'account', 'day']);
            $table->index(['business_id', 'client_id', 'account']);
        });
        Schema::create('refunds', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('id', 26)->unique();
            $table->char('sale_id', 26);
            $table->char('payment_id', 26);
            $table->unsignedBigInteger('amount');
            $table->string('state', 10)->comment('waiting, pending, done or failed');
            $table->string('why', 300)->default('');
            $table->string('by', 120);
            $table->dateTime('ask_at')->nullable();
            $table->unsignedSmallInteger('asks')->default(0);
            $table->timestamps();
            $table->primary(['business_id', 'id']);
            $table->index(['business_id', 'sale_id']);
            $table->index(['state', 'ask_at']);
        });
        Schema::create('documents', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('id', 26)->unique();
            $table->char('sale_id', 26);
            $table->string('kind', 10)->comment('invoice or credit');
            $table->unsignedSmallInteger('year');
            $table->unsignedInteger('number');
            $table->char('of', 26)->nullable()->comment('the invoice that a credit note takes back');
            $table->json('content')->comment('as it was issued');
            $table->string('by', 120);
            $table->dateTime('at');
            $table->primary(['business_id', 'id']);
            $table->unique(['business_id', 'kind', 'year', 'number']);
            $table->unique(['business_id', 'of']);
            $table->index(['business_id', 'sale_id']);
        });
        Schema::create('document_numbers', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 10);
            $table->unsignedSmallInteger('year');
            $table->unsignedInteger('last');
            $table->primary(['business_id', 'kind', 'year']);
        });
        Schema::create('day_closes', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('id', 26)->unique();
            $table->date('day');
            $table->json('ways')->comment('what came and went by each way of paying');
            $table->bigInteger('expected')->comment('in the drawer');
            $table->bigInteger('counted');
            $table->unsignedBigInteger('banked')->default(0)->comment('taken out of the drawer');
            $table->string('note', 1000)->default('');
            $table->string('by', 120);
            $table->dateTime('at');
            $table->primary(['business_id', 'id']);
            $table->index(['business_id', 'day']);
        });
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->char('sale_id', 26)->nullable()->after('client_id');
            $table->json('taxes')->default('[]')->comment('of the quote, by rate');
            $table->index(['business_id', 'sale_id']);
        });
        Schema::table('payments', static function (Blueprint $table): void {
            $table->char('sale_id', 26)->nullable()->after('booking_id');
            $table->unsignedBigInteger('tip')->default(0);
            $table->unsignedBigInteger('given')->nullable()->comment('in cash');
            $table->string('by', 120)->default('');
            $table->unsignedBigInteger('amount')->change();
            $table->index(['business_id', 'sale_id']);
        });
        DB::transaction(fn () => $this->move());
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn('included_tax'));
        Schema::table('payments', static function (Blueprint $table): void {
            $table->dropIndex(['business_id', 'booking_id']);
            $table->dropColumn(['booking_id', 'returned']);
        });
        foreach (self::ADDED_ONLY as $table) {
            foreach (['update', 'delete'] as $act) {
                DB::unprepared(
                    "create trigger {$table}_no_{$act} before {$act} on {$table} for each row "
                        ."signal sqlstate '45000' set message_text = '{$table} is only added to'",
                );
            }
        }
    }

    public function down(): void
    {
        Schema::table('payments', static function (Blueprint $table): void {
            $table->char('booking_id', 26)->nullable();
            $table->unsignedInteger('returned')->default(0);
            $table->index(['business_id', 'booking_id']);
        });
        DB::statement(
            'update payments set booking_id = (select min(b.id) from bookings b where b.business_id = '
                .'payments.business_id and b.sale_id = payments.sale_id), returned = coalesce((select sum(r.amount) '
                .'from refunds r where r.business_id = payments.business_id and r.payment_id = payments.id '
                ."and r.state <> 'failed'), 0)",
        );
        DB::statement("update payments set state = 'refunded' where returned > 0");
        DB::statement("delete from payments where method <> 'processor'");
        Schema::table('payments', static function (Blueprint $table): void {
            $table->dropIndex(['business_id', 'sale_id']);
            $table->dropColumn(['sale_id', 'tip', 'given', 'by']);
        });
        Schema::table('bookings', static fn (Blueprint $table) => $table->json('included_tax')->default('[]'));
        foreach (DB::table('bookings')->where('taxes', 'like', '%true%')->get() as $booking) {
            $included = array_filter(
                json_decode($booking->taxes, true),
                static fn (array $tax): bool => $tax['included'],
            );
            DB::table('bookings')
                ->where('id', $booking->id)
                ->update(['included_tax' => json_encode(array_values($included))]);
        }
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->dropIndex(['business_id', 'sale_id']);
            $table->dropColumn(['sale_id', 'taxes']);
        });
        $made = ['sales', 'sale_lines', 'book_entries', 'refunds', 'documents', 'document_numbers', 'day_closes'];
        array_map(Schema::drop(...), $made);
    }

    /** Each booking that came about, or was paid for, becomes a sale of its own, under the booking's id. */
    private function move(): void
    {
        $payments = DB::table('payments')->orderBy('id')->get()->groupBy('booking_id');
        foreach (DB::table('bookings')->orderBy('id')->cursor() as $booking) {
            $isSold = ! in_array($booking->state, ['held', 'expired'], true);
            $paid = $payments->get($booking->id, collect());
            $wasBooked = $isSold && ! ($booking->state === 'cancelled' && $booking->client_id === null);
            $taxes = self::taxes($booking);
            DB::table('bookings')->where('id', $booking->id)->update([
                'taxes' => json_encode($taxes),
                'sale_id' => $wasBooked || $paid->isNotEmpty() ? $booking->id : null,
            ]);
            if ($wasBooked || $paid->isNotEmpty()) {
                $this->sale($booking);
            }
            if ($wasBooked) {
                $this->sold($booking, $taxes);
            }
            foreach ($paid as $payment) {
                $this->paid($booking, $payment);
            }
        }
    }

    private function sale(stdClass $booking): void
    {
        $contact = json_decode($booking->contact ?? 'null', true);
        DB::table('sales')->insert([
            'business_id' => $booking->business_id,
            'id' => $booking->id,
            'client_id' => $booking->client_id,
            'name' => $contact['name'] ?? '',
            'currency' => $booking->currency,
            'created_at' => $booking->created_at,
            'updated_at' => $booking->created_at,
        ]);
    }

    /** @param  list<array{name: string, percent: string, included: bool, net: int, amount: int}>  $taxes */
    private function sold(stdClass $booking, array $taxes): void
    {
        $over = in_array($booking->state, ['cancelled', 'declined'], true);
        $this->line($booking, 'visit', $booking->service_name, $booking->price, $taxes, 'sold');
        if ($over) {
            $less = array_map(
                static fn (array $tax): array => [...$tax, 'net' => -$tax['net'], 'amount' => -$tax['amount']],
                $taxes,
            );
            $this->line($booking, 'off', $booking->service_name, -$booking->price, $less, 'taken_back');
        }
        if ($over && $booking->fee > 0) {
            $this->line($booking, 'fee', '', $booking->fee, [], 'fee');
        }
        foreach ($over ? [] : json_decode($booking->staff_pay, true) as $member => $amount) {
            $this->pair($booking, 'pay', 'pay_cost', 'staff_pay', $amount, ['staff_id' => $member]);
        }
    }

    /** @param  list<array{name: string, percent: string, included: bool, net: int, amount: int}>  $taxes */
    private function line(
        stdClass $booking,
        string $kind,
        string $label,
        int $amount,
        array $taxes,
        string $about,
    ): void {
        DB::table('sale_lines')->insert([
            'business_id' => $booking->business_id,
            'id' => self::id(),
            'sale_id' => $booking->id,
            'booking_id' => $booking->id,
            'kind' => $kind,
            'label' => $label,
            'amount' => $amount,
            'taxes' => json_encode($taxes),
            'by' => 'history.by_client',
            'at' => $booking->created_at,
        ]);
        $this->pair($booking, $about, 'due', 'sales', $amount);
        foreach ($taxes as $tax) {
            $rate = ['rate' => "{$tax['name']} {$tax['percent']}"];
            $this->pair($booking, $about, 'sales', 'tax', $tax['amount'], $rate);
        }
    }

    private function paid(stdClass $booking, stdClass $payment): void
    {
        $came = in_array($payment->state, ['paid', 'refunding', 'refunded'], true) && $payment->kind !== 'card';
        DB::table('payments')
            ->where('id', $payment->id)
            ->update(['sale_id' => $booking->id, 'state' => $came ? 'paid' : $payment->state]);
        if (! $came) {
            return;
        }
        $of = ['payment_id' => $payment->id];
        $this->pair($booking, 'paid', 'processor', 'due', $payment->amount, $of);
        if ($payment->returned > 0) {
            $this->refund($booking, $payment);
            $this->pair($booking, 'returned', 'due', 'returning', $payment->returned, $of);
        }
        if ($payment->state === 'refunded') {
            $this->pair($booking, 'returned', 'returning', 'processor', $payment->returned, $of);
        }
    }

    /** One on its way goes on under the key it was begun with. */
    private function refund(stdClass $booking, stdClass $payment): void
    {
        DB::table('refunds')->insert([
            'business_id' => $booking->business_id,
            'id' => $payment->id,
            'sale_id' => $booking->id,
            'payment_id' => $payment->id,
            'amount' => $payment->returned,
            'state' => $payment->state === 'refunded' ? 'done' : 'waiting',
            'by' => 'history.by_clock',
            'created_at' => $payment->updated_at,
            'updated_at' => $payment->updated_at,
        ]);
        DB::table('outbox')
            ->where('key', "refund-{$payment->id}")
            ->update(['content' => json_encode(['refund' => $payment->id])]);
    }

    /** @param  array<string, string>  $of more columns */
    private function pair(
        stdClass $booking,
        string $about,
        string $to,
        string $from,
        int $amount,
        array $of = [],
    ): void {
        if ($amount === 0) {
            return;
        }
        $entry = $of + [
            'business_id' => $booking->business_id,
            'pair' => self::id(),
            'currency' => $booking->currency,
            'about' => $about,
            'sale_id' => $booking->id,
            'booking_id' => $booking->id,
            'client_id' => $booking->client_id,
            'day' => substr($booking->created_at, 0, 10),
            'at' => $booking->created_at,
            'by' => 'history.by_client',
        ];
        DB::table('book_entries')->insert([
            ['account' => $to, 'amount' => $amount] + $entry,
            ['account' => $from, 'amount' => -$amount] + $entry,
        ]);
    }

    /** @return list<array{name: string, percent: string, included: bool, net: int, amount: int}> */
    private static function taxes(stdClass $booking): array
    {
        $taxes = [];
        $lines = json_decode($booking->lines, true);
        $gross = array_sum(array_map(static fn (array $line): int => $line['net'] ?? $line['amount'], $lines));
        foreach (json_decode($booking->included_tax, true) as $tax) {
            $taxes[] = ['name' => $tax['name'], 'percent' => $tax['percent'], 'included' => true]
                + ['net' => $gross - $tax['amount'], 'amount' => $tax['amount']];
        }
        foreach (array_filter($lines, static fn (array $line): bool => $line['kind'] === 'tax') as $line) {
            $on = $lines[$line['line']] ?? ['amount' => 0];
            $percent = DB::table('tax_rates')->where('id', $line['id'] ?? '')->value('percent') ?? '';
            $taxes[] = ['name' => $line['label'], 'percent' => $percent, 'included' => false]
                + ['net' => $on['net'] ?? $on['amount'], 'amount' => $line['amount']];
        }

        return $taxes;
    }

    private static function id(): string
    {
        return App\Models\Id::make();
    }
};
