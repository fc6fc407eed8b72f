<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('pinch_trials', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('pinches');
            $table->double('grams_each');
            $table->timestamp('taken_at');
        });
        Schema::table('tanks', function (Blueprint $table): void {
            // Pinches of food a day, where it is given so; the grams follow from what a pinch weighs.
            $table->double('food_pinches')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            $table->dropColumn('food_pinches');
        });
        Schema::dropIfExists('pinch_trials');
    }
};
