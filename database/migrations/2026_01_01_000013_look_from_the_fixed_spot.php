<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('photos', function (Blueprint $table): void {
            // A photo may be taken outside of a session.
            $table->foreignId('run_id')->nullable()->change();
            $table->foreignId('run_step_id')->nullable()->change();
            // As the tank is meant to look.
            $table->boolean('is_intent')->default(false);
        });
        Schema::create('off_spots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->foreignId('run_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 20);
            $table->string('place', 80)->nullable();
            $table->string('state', 12)->default('restore');
            $table->timestamp('noted_at');
            $table->timestamp('settled_at')->nullable();
            $table->index(['tank_id', 'state']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('off_spots');
        Schema::table('photos', fn(Blueprint $table) => $table->dropColumn('is_intent'));
    }
};
