<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sessions that were scheduled together, and what has happened to each. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('scheduled_sessions', static function (Blueprint $table): void {
            $table->char('series_id', 26)->collation('utf8mb4_bin')->nullable()->after('service_id');
            $table->json('follow_up')->nullable()->comment('what is still to be done for those who booked');
            $table->unsignedInteger('lock_version')->default(0);
            $table->index(['business_id', 'series_id']);
            $table->boolean('follows')->storedAs('if(follow_up is null, null, 1)')->nullable()->index();
            $table->index(['business_id', 'service_id', 'starts_at']);
        });
        Schema::create('session_changes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('session_id', 26)->collation('utf8mb4_bin');
            $table->string('by', 120);
            $table->string('what', 300);
            $table->dateTime('at');
            $table->index(['business_id', 'id']);
            $table->index(['business_id', 'session_id']);
        });
    }

    public function down(): void
    {
        Schema::drop('session_changes');
        Schema::table('scheduled_sessions', static function (Blueprint $table): void {
            $table->dropIndex(['business_id', 'series_id']);
            $table->dropIndex(['business_id', 'service_id', 'starts_at']);
            $table->dropColumn(['follows', 'follow_up', 'series_id', 'lock_version']);
        });
    }
};
