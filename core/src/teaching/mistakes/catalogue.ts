import { MISTAKE_CODES, type Mistake, type MistakeCode } from "./mistake";
import { amountLeftOver } from "./slips/amount-left-over";
import { balloonNotDiscounted, startingBalanceNotAccumulated } from "./slips/at-face-value";
import {
  balanceStraightLine,
  balanceOnePaymentMore,
  balanceOnePaymentLess,
  balanceSumOfPayments,
  balancePaymentsNotAccumulated,
} from "./slips/balance-shortcuts";
import {
  yearlyPaymentHalfYearlyCount,
  couponAndYieldExchanged,
  paymentOverPrice,
} from "./slips/bond";
import { centsOtherwise } from "./slips/cents-otherwise";
import { compoundingAsPaymentFrequency } from "./slips/compounding-as-payment-frequency";
import { compoundingIgnored } from "./slips/compounding-ignored";
import { compoundingRootWrong } from "./slips/compounding-root-wrong";
import { allDebtsDiscounted, debtsNotMoved, oneDebtWrongWay } from "./slips/debts";
import { decimalAsPercent } from "./slips/decimal-as-percent";
import { decimalPointMoved } from "./slips/decimal-point-moved";
import { deferralOffByOne } from "./slips/deferral-off-by-one";
import { digitsSwapped, givenDigitsSwapped } from "./slips/digits-swapped";
import { discountAsInterest, interestAsDiscount } from "./slips/discount-as-interest";
import { effectiveAsNominal } from "./slips/effective-as-nominal";
import { extraZero } from "./slips/extra-zero";
import { finalAmountLeftOut } from "./slips/final-amount-left-out";
import { finalAmountTurned } from "./slips/final-amount-turned";
import { firstFlowDiscounted } from "./slips/first-flow-discounted";
import { growthEarly } from "./slips/growth-early";
import { growthForgotten } from "./slips/growth-forgotten";
import { growthLate } from "./slips/growth-late";
import {
  growthEveryPayment,
  growthAddedToRate,
  realRateAsDifference,
} from "./slips/growth-otherwise";
import { interestCompounded } from "./slips/interest-compounded";
import { interestForTotal } from "./slips/interest-for-total";
import {
  interestHalfOfPayments,
  interestPaymentsTimesRate,
  interestWholeLifeAverage,
} from "./slips/interest-shortcuts";
import { truncated, lastDigitOff } from "./slips/last-digits";
import { missingZero } from "./slips/missing-zero";
import { nominalAsEffective } from "./slips/nominal-as-effective";
import { onePeriodTooMany, onePeriodTooFew } from "./slips/one-period-off";
import { paymentFrequencyAsCompounding } from "./slips/payment-frequency-as-compounding";
import { percentAsDecimal } from "./slips/percent-as-decimal";
import { outlayForgotten, flowsNotDiscounted, flowsOneEarly } from "./slips/project-flows";
import { periodRateMultiplied, yearlyRateDivided } from "./slips/rate-asked-otherwise";
import { ratePerPeriodForYearly } from "./slips/rate-per-period-for-yearly";
import { roundedFactor } from "./slips/rounded-factor";
import { roundedPayment } from "./slips/rounded-payment";
import { roundedRate } from "./slips/rounded-rate";
import { startEndSwapped } from "./slips/start-end-swapped";
import { startingBalanceLeftOut } from "./slips/starting-balance-left-out";
import { totalForInterest } from "./slips/total-for-interest";
import { deferralIgnored, deferralWithoutInterest } from "./slips/waiting";
import {
  flatInterest,
  interestOfFirstPeriod,
  totalDividedByCount,
  yearlyPaymentShared,
} from "./slips/without-annuity";
import { wrongDate } from "./slips/wrong-date";
import { wrongDaysInYear } from "./slips/wrong-days-in-year";
import { wrongFocalDate } from "./slips/wrong-focal-date";
import { wrongSign } from "./slips/wrong-sign";
import { wrongTimeUnit } from "./slips/wrong-time-unit";
import { pvForFv, fvForPv } from "./slips/wrong-way-in-time";
import { yearlyRatePerPayment } from "./slips/yearly-rate-per-payment";
import { yearsAsPayments } from "./slips/years-as-payments";

/** Every mistake, by code. */
const mistakes: Readonly<Record<MistakeCode, Mistake>> = {
  "yearly-rate-per-payment": yearlyRatePerPayment,
  "years-as-payments": yearsAsPayments,
  "start-end-swapped": startEndSwapped,
  "percent-as-decimal": percentAsDecimal,
  "decimal-as-percent": decimalAsPercent,
  "payment-frequency-as-compounding": paymentFrequencyAsCompounding,
  "compounding-as-payment-frequency": compoundingAsPaymentFrequency,
  "nominal-as-effective": nominalAsEffective,
  "effective-as-nominal": effectiveAsNominal,
  "compounding-ignored": compoundingIgnored,
  "interest-compounded": interestCompounded,
  "discount-as-interest": discountAsInterest,
  "interest-as-discount": interestAsDiscount,
  "wrong-days-in-year": wrongDaysInYear,
  "wrong-focal-date": wrongFocalDate,
  "final-amount-turned": finalAmountTurned,
  "final-amount-left-out": finalAmountLeftOut,
  "starting-balance-left-out": startingBalanceLeftOut,
  "amount-left-over": amountLeftOver,
  "growth-early": growthEarly,
  "growth-late": growthLate,
  "growth-forgotten": growthForgotten,
  "deferral-off-by-one": deferralOffByOne,
  "first-flow-discounted": firstFlowDiscounted,
  "interest-for-total": interestForTotal,
  "total-for-interest": totalForInterest,
  "wrong-date": wrongDate,
  "wrong-time-unit": wrongTimeUnit,
  "rate-per-period-for-yearly": ratePerPeriodForYearly,
  "rounded-rate": roundedRate,
  "rounded-factor": roundedFactor,
  "cents-otherwise": centsOtherwise,
  "rounded-payment": roundedPayment,
  "pv-for-fv": pvForFv,
  "fv-for-pv": fvForPv,
  "one-period-too-many": onePeriodTooMany,
  "one-period-too-few": onePeriodTooFew,
  "total-divided-by-count": totalDividedByCount,
  "interest-of-first-period": interestOfFirstPeriod,
  "flat-interest": flatInterest,
  "yearly-payment-shared": yearlyPaymentShared,
  "compounding-root-wrong": compoundingRootWrong,
  "balloon-not-discounted": balloonNotDiscounted,
  "starting-balance-not-accumulated": startingBalanceNotAccumulated,
  "outlay-forgotten": outlayForgotten,
  "flows-not-discounted": flowsNotDiscounted,
  "flows-one-early": flowsOneEarly,
  "yearly-payment-half-yearly-count": yearlyPaymentHalfYearlyCount,
  "coupon-and-yield-exchanged": couponAndYieldExchanged,
  "payment-over-price": paymentOverPrice,
  "debts-not-moved": debtsNotMoved,
  "all-debts-discounted": allDebtsDiscounted,
  "one-debt-wrong-way": oneDebtWrongWay,
  "balance-straight-line": balanceStraightLine,
  "balance-one-payment-more": balanceOnePaymentMore,
  "balance-one-payment-less": balanceOnePaymentLess,
  "balance-sum-of-payments": balanceSumOfPayments,
  "balance-payments-not-accumulated": balancePaymentsNotAccumulated,
  "interest-half-of-payments": interestHalfOfPayments,
  "interest-payments-times-rate": interestPaymentsTimesRate,
  "interest-whole-life-average": interestWholeLifeAverage,
  "deferral-ignored": deferralIgnored,
  "deferral-without-interest": deferralWithoutInterest,
  "growth-every-payment": growthEveryPayment,
  "growth-added-to-rate": growthAddedToRate,
  "real-rate-as-difference": realRateAsDifference,
  "period-rate-multiplied": periodRateMultiplied,
  "yearly-rate-divided": yearlyRateDivided,
  truncated,
  "last-digit-off": lastDigitOff,
  "given-digits-swapped": givenDigitsSwapped,
  "wrong-sign": wrongSign,
  "digits-swapped": digitsSwapped,
  "extra-zero": extraZero,
  "missing-zero": missingZero,
  "decimal-point-moved": decimalPointMoved,
};

/** The mistakes, likeliest first: of two that give the same number, the first is named. */
export const CATALOGUE: readonly Mistake[] = MISTAKE_CODES.map((code) => mistakes[code]);
