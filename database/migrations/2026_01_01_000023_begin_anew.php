<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Days from which a figure is learned anew: what was seen before counts no more, and is kept.
        Schema::create('fresh_starts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tank_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('jar_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('what', 60);
            $table->dateTime('since');
            $table->index(['tank_id', 'what']);
            $table->index(['jar_id', 'what']);
        });
        Schema::table('keepers', function (Blueprint $table): void {
            $table->json('figures')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('fresh_starts');
        Schema::table('keepers', function (Blueprint $table): void {
            $table->dropColumn('figures');
        });
    }
};
