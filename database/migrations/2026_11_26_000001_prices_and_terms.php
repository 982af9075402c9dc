<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What a service costs by length, person and party, what is asked for when booking, what cancelling costs, and its
 * mark.
 */
return new class extends Migration
{
    private const FREE = '{"kind": "free", "amount": 0, "byMinutes": [], "perStep": null, '
        .'"byStaff": [], "perPerson": false, "extraPeople": []}';

    private const AT_THE_DESK = '{"kind": "none", "amount": null, "percent": null}';

    public function up(): void
    {
        Schema::table('services', static function (Blueprint $table): void {
            $table->json('pricing')->default(self::FREE);
            $table->json('payment_terms')->default(self::AT_THE_DESK);
            $table->json('cancellation')->nullable()->comment('{freeMinutes, amount, percent}; null: always free');
            $table->string('colour', 10)->default('river');
            $table->string('pattern', 10)->default('bars');
        });
        DB::table('services')->update([
            'pricing' => DB::raw(
                "json_object('kind', price_kind, 'amount', price, 'byMinutes', json_array(), 'perStep', null, "
                    ."'byStaff', json_array(), 'perPerson', false, 'extraPeople', json_array())",
            ),
            'payment_terms' => DB::raw("json_object('kind', payment, 'amount', null, 'percent', null)"),
        ]);
        Schema::table(
            'services',
            static fn (Blueprint $table) => $table->dropColumn(['price', 'price_kind', 'payment']),
        );
        $this->history();
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->unsignedInteger('extra_minutes')->default(0)->comment('of the minutes: what add-ons add');
            $table->json('lines')->default('[]')->comment('of the quote, as it was sold');
            $table->unsignedInteger('due_now')->default(0)->comment('when booking, minor unit');
            $table->json('cancellation')->nullable()->comment('the terms it was made under');
            $table->unsignedInteger('fee')->nullable()->comment('what cancelling has cost');
        });
        DB::table('bookings')->update([
            'lines' => DB::raw("json_array(json_object('kind', 'base', 'label', service_name, 'amount', price))"),
            'due_now' => DB::raw("if(payment = 'full', price, 0)"),
        ]);
        Schema::table('payments', static function (Blueprint $table): void {
            $table
                ->string('kind', 10)
                ->default('payment')
                ->comment('payment, card (kept for a fee) or fee (charged to a kept card)');
            $table->unsignedInteger('returned')->default(0)->comment('what of it goes or went back');
        });
        DB::table('payments')
            ->whereIn('state', ['refunding', 'refunded'])
            ->update(['returned' => DB::raw('amount')]);
        Schema::table(
            'stand_in_checkouts',
            static fn (Blueprint $table) => $table->boolean('keeps_card')->default(false),
        );
        Schema::table(
            'stand_in_checkouts',
            static fn (Blueprint $table) => $table->dropColumn(['refunded', 'refund_key']),
        );
        Schema::create('stand_in_movements', static function (Blueprint $table): void {
            $table->string('key', 120)->primary();
            $table->string('checkout', 40)->index();
            $table->string('kind', 10)->comment('refund or charge');
            $table->unsignedInteger('amount');
        });
    }

    public function down(): void
    {
        Schema::drop('stand_in_movements');
        Schema::table('stand_in_checkouts', static function (Blueprint $table): void {
            $table->dropColumn('keeps_card');
            $table->unsignedInteger('refunded')->default(0);
            $table->string('refund_key', 120)->nullable()->unique();
        });
        Schema::table('payments', static fn (Blueprint $table) => $table->dropColumn(['kind', 'returned']));
        Schema::table(
            'bookings',
            static fn (Blueprint $table) => $table->dropColumn([
                'extra_minutes',
                'lines',
                'due_now',
                'cancellation',
                'fee',
            ]),
        );
        Schema::table('services', static function (Blueprint $table): void {
            $table->unsignedInteger('price')->default(0);
            $table->string('price_kind', 10)->default('fixed');
            $table->string('payment', 10)->default('none');
        });
        DB::table('services')->update([
            'price' => DB::raw("coalesce(json_value(pricing, '$.amount'), 0)"),
            'price_kind' => DB::raw("json_value(pricing, '$.kind')"),
            'payment' => DB::raw("if(json_value(payment_terms, '$.kind') = 'full', 'full', 'none')"),
        ]);
        Schema::table(
            'services',
            static fn (Blueprint $table) => $table->dropColumn([
                'pricing',
                'payment_terms',
                'cancellation',
                'colour',
                'pattern',
            ]),
        );
    }

    /** What services were before can still be shown, and come back by undo. */
    private function history(): void
    {
        foreach (DB::table('setup_change_things')->where('kind', 'service')->get() as $row) {
            DB::table('setup_change_things')
                ->where('business_id', $row->business_id)
                ->where('kind', 'service')
                ->where('thing', $row->thing)
                ->where('change_id', $row->change_id)
                ->update(['before' => self::repriced($row->before), 'after' => self::repriced($row->after)]);
        }
    }

    private static function repriced(?string $json): ?string
    {
        $content = $json === null ? null : json_decode($json, true);
        if (! isset($content['priceKind'])) {
            return $json;
        }
        $pricing = ['kind' => $content['priceKind'], 'amount' => $content['price']] + json_decode(self::FREE, true);
        $payment = ['kind' => $content['payment'], 'amount' => null, 'percent' => null];

        return json_encode(
            [
                'pricing' => $pricing,
                'payment' => $payment,
                'cancellation' => null,
                'colour' => null,
                'pattern' => null,
            ] + array_diff_key($content, ['priceKind' => 1, 'price' => 1]),
            JSON_THROW_ON_ERROR,
        );
    }
};
