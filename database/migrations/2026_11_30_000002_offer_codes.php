<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Codes that make visits cheaper, and which bookings use them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('offer_codes', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('id', 26)->unique();
            $table->string('code', 60);
            $table->unsignedBigInteger('amount')->nullable();
            $table->string('percent', 12)->nullable();
            $table->json('services')->nullable()->comment('ids; null: all');
            $table->date('from')->nullable();
            $table->date('until')->nullable();
            $table->unsignedBigInteger('minimum')->default(0);
            $table->unsignedInteger('uses')->nullable();
            $table->unsignedInteger('used_before')->default(0)->comment('elsewhere, before a document was taken in');
            $table->json('used_by_before')->default('[]')->comment('likewise, by client');
            $table->unsignedInteger('uses_per_client')->nullable();
            $table->boolean('first_visit_only')->default(false);
            $table->boolean('includes_extras')->default(false);
            $table->boolean('combines')->default(false);
            $table->unsignedInteger('position')->default(0);
            $table->timestamps();
            $table->primary(['business_id', 'id']);
        });
        Schema::create('code_uses', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('booking_id', 26);
            $table->char('code_id', 26);
            $table->primary(['business_id', 'booking_id', 'code_id']);
            $table->index(['business_id', 'code_id']);
        });
    }

    public function down(): void
    {
        Schema::drop('code_uses');
        Schema::drop('offer_codes');
    }
};
