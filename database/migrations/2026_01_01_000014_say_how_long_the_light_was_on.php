<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Days on which the lamps were on for longer or shorter than they are set.
        Schema::create('light_days', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            $table->double('hours');
            $table->unique(['tank_id', 'day']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('light_days');
    }
};
