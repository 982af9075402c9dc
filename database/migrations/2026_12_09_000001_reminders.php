<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What somebody who signs in wants to be reminded of at an hour: theirs alone, and in nobody's way. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::create('reminders', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('id', 26)->unique();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->dateTime('at');
            $table->string('text', 200);
            $table->boolean('done')->default(false);
            $table->primary(['business_id', 'id']);
            $table->index(['business_id', 'user_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('reminders');
    }
};
