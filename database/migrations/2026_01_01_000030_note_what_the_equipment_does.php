<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('gauge_notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->string('gauge', 20);
            $table->date('day');
            $table->double('value');
            $table->unique(['tank_id', 'gauge', 'day']);
        });
        Schema::table('rejections', function (Blueprint $table): void {
            // What came out in a minute, where it was caught and measured.
            $table->double('millilitres_a_minute')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('rejections', function (Blueprint $table): void {
            $table->dropColumn('millilitres_a_minute');
        });
        Schema::dropIfExists('gauge_notes');
    }
};
