<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the processor has paid out, and how its stand-in comes to that: movements with a state, a fee and a payout. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('payouts', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->string('id', 60)->comment('of the processor');
            $table->date('day')->comment('local');
            $table->dateTime('at');
            $table->primary(['business_id', 'id']);
        });
        Schema::table('stand_in_checkouts', static function (Blueprint $table): void {
            $table->string('dispute', 10)->default('')->comment('open, won or lost; empty: none');
        });
        Schema::table('stand_in_movements', static function (Blueprint $table): void {
            $table->bigInteger('amount')->change();
            $table->unsignedBigInteger('fee')->default(0);
            $table->string('state', 10)->default('done')->comment('pending, done or failed');
            $table->dateTime('decides_at')->nullable();
            $table->dateTime('at')->nullable();
            $table->string('payout', 40)->nullable()->index();
        });
        Schema::create('stand_in_payouts', static function (Blueprint $table): void {
            $table->string('id', 40)->primary();
            $table->dateTime('at');
        });
        Schema::table('stand_in_notices', static function (Blueprint $table): void {
            $table->string('state', 10)->default('')->comment('what it says the checkout is; empty: nothing of it');
        });
    }

    public function down(): void
    {
        Schema::table('stand_in_notices', static fn (Blueprint $table) => $table->dropColumn('state'));
        Schema::drop('stand_in_payouts');
        Schema::table(
            'stand_in_movements',
            static fn (Blueprint $table) => $table->dropColumn(['fee', 'state', 'decides_at', 'at', 'payout']),
        );
        Schema::table('stand_in_checkouts', static fn (Blueprint $table) => $table->dropColumn('dispute'));
        Schema::drop('payouts');
    }
};
