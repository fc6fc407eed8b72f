<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            $table->string('feeding_school', 20)->nullable();
            $table->double('food_grams')->nullable();
            $table->double('food_protein')->default(42);
            $table->unsignedTinyInteger('fasting_day')->nullable();
        });
        // Days on which the animals were given more or less than usual.
        Schema::create('food_spells', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->date('from_day');
            $table->date('until_day');
            $table->double('grams');
            $table->string('note', 120)->nullable();
            $table->index(['tank_id', 'from_day']);
        });
        // What a tank is to be given of a jar or bottle, every so many days.
        Schema::create('dose_plans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->foreignId('jar_id')->constrained()->cascadeOnDelete();
            $table->double('amount');
            $table->unsignedSmallInteger('every');
            $table->date('starts_on');
            $table->date('ends_on')->nullable();
            $table->index(['tank_id', 'jar_id']);
        });
        // What was given, or left out; what it brought is kept, since bottles change.
        Schema::create('doses', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->foreignId('jar_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 120);
            $table->double('amount');
            $table->string('unit', 4);
            $table->json('brings');
            $table->dateTime('given_at');
            $table->date('day');
            $table->boolean('missed')->default(false);
            $table->index(['tank_id', 'given_at']);
            $table->unique(['tank_id', 'jar_id', 'day']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('doses');
        Schema::dropIfExists('dose_plans');
        Schema::dropIfExists('food_spells');
        Schema::table('tanks', fn(Blueprint $table) => $table->dropColumn(['feeding_school', 'food_grams', 'food_protein', 'fasting_day']));
    }
};
