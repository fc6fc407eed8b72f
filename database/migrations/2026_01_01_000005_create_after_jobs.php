<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            // A session without a water change has nothing that a forecast could be held to.
            $table->boolean('changes_water')->default(true);
            $table->unsignedSmallInteger('guessed_minutes')->nullable();
        });
        Schema::create('after_jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->string('job', 20);
            $table->timestamp('due_from');
            $table->timestamp('due_until');
            $table->timestamp('done_at')->nullable();
            $table->unique(['run_id', 'job']);
            $table->index(['due_from', 'due_until']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('after_jobs');
        Schema::table('runs', function (Blueprint $table): void {
            $table->dropColumn(['changes_water', 'guessed_minutes']);
        });
    }
};
