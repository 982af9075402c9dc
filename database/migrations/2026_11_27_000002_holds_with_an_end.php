<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who holds times without having booked, whether their address is proven, and amounts that cannot overflow. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table
                ->char('visitor', 16)
                ->nullable()
                ->comment('network it came from, as a keyed hash; forgotten after a day');
            $table->boolean('awaits_proof')->default(false)->comment('of the mail address, before it is booked');
            $table
                ->unsignedBigInteger('from_price')
                ->nullable()
                ->comment('what a price that is settled at the desk begins at');
            foreach (['price', 'due_now'] as $amount) {
                $table->unsignedBigInteger($amount)->default(0)->change();
            }
            $table->unsignedBigInteger('fee')->nullable()->comment('what cancelling has cost')->change();
            $table->index(['business_id', 'state', 'held_until'], 'bookings_live_holds');
            $table->index(['business_id', 'visitor', 'created_at'], 'bookings_of_visitor');
        });
        Schema::table('payments', static function (Blueprint $table): void {
            $table->unsignedBigInteger('amount')->change();
            $table->unsignedBigInteger('returned')->default(0)->comment('what of it goes or went back')->change();
        });
        Schema::table(
            'stand_in_checkouts',
            static fn (Blueprint $table) => $table->unsignedBigInteger('amount')->change(),
        );
        Schema::table(
            'stand_in_movements',
            static fn (Blueprint $table) => $table->unsignedBigInteger('amount')->change(),
        );
        Schema::table(
            'clients',
            static fn (Blueprint $table) => $table
                ->dateTime('proven_at')
                ->nullable()
                ->comment('when a link mailed to the address was opened'),
        );
        Schema::table('businesses', static function (Blueprint $table): void {
            $table
                ->string('proof', 10)
                ->default('abuse')
                ->comment(
                    'of an address, before what is paid later is booked: never, abuse (for a day after it shows) or '
                        .'always',
                );
            $table->dateTime('abused_until')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('businesses', static fn (Blueprint $table) => $table->dropColumn(['proof', 'abused_until']));
        Schema::table('clients', static fn (Blueprint $table) => $table->dropColumn('proven_at'));
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->dropIndex('bookings_live_holds');
            $table->dropIndex('bookings_of_visitor');
            $table->dropColumn(['visitor', 'awaits_proof', 'from_price']);
        });
    }
};
