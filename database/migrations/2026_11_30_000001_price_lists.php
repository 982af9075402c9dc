<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Tax and surcharges of a business, and what its services say of them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table(
            'businesses',
            static fn (Blueprint $table) => $table->boolean('prices_include_tax')->default(true),
        );
        $this->list('tax_rates', static function (Blueprint $table): void {
            $table->string('name', 120);
            $table->string('percent', 12);
        });
        $this->list('surcharges', static function (Blueprint $table): void {
            $table->string('name', 120);
            $table->string('when', 16);
            $table->json('hours')->nullable()->comment('outside of which it applies');
            $table->json('weekdays');
            $table->json('dates');
            $table->unsignedBigInteger('amount')->nullable();
            $table->string('percent', 12)->nullable();
            $table->unsignedBigInteger('staff_amount')->nullable();
            $table->string('staff_percent', 12)->nullable();
        });
        Schema::table('services', static fn (Blueprint $table) => $table->json('staff_pay')->nullable());
        Schema::table('add_ons', static fn (Blueprint $table) => $table->json('tax_rates')->default('[]'));
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->json('included_tax')->default('[]')->comment('of the quote, as it was sold');
            $table->json('staff_pay')->default('[]')->comment('likewise; never shown to clients');
        });
    }

    public function down(): void
    {
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn(['included_tax', 'staff_pay']));
        Schema::table('add_ons', static fn (Blueprint $table) => $table->dropColumn('tax_rates'));
        Schema::table('services', static fn (Blueprint $table) => $table->dropColumn('staff_pay'));
        Schema::drop('surcharges');
        Schema::drop('tax_rates');
        Schema::table('businesses', static fn (Blueprint $table) => $table->dropColumn('prices_include_tax'));
    }

    private function list(string $name, Closure $columns): void
    {
        Schema::create($name, static function (Blueprint $table) use ($columns): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('id', 26)->unique();
            $columns($table);
            $table->unsignedInteger('position')->default(0);
            $table->timestamps();
            $table->primary(['business_id', 'id']);
        });
    }
};
