var __getOwnPropNames = Object.getOwnPropertyNames;
var __commonJS = (cb, mod) => function() {
  try {
    return mod || (0, cb[__getOwnPropNames(cb)[0]])((mod = { exports: {} }).exports, mod), mod.exports;
  } catch (e) {
    throw mod = 0, e;
  }
};

// packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    function ucs2length(str) {
      let len = str.length, length = 0, pos = 0, value;
      for (; pos < len; )
        length++, value = str.charCodeAt(pos++), value >= 55296 && value <= 56319 && pos < len && (value = str.charCodeAt(pos), (value & 64512) === 56320 && pos++);
      return length;
    }
    exports.default = ucs2length;
    ucs2length.code = 'require("ajv/dist/runtime/ucs2length").default';
  }
});

// <stdin>
var changeFirm = validate20;
var func1 = require_ucs2length().default, pattern4 = new RegExp("\\S", "u"), pattern5 = new RegExp("^([^\\s@]+@[^\\s@]+)?$", "u");
function validate20(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate20.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.name === void 0 && (missing0 = "name") || data.address === void 0 && (missing0 = "address") || data.taxId === void 0 && (missing0 = "taxId") || data.email === void 0 && (missing0 = "email") || data.paymentDetails === void 0 && (missing0 = "paymentDetails") || data.invoicePrefix === void 0 && (missing0 = "invoicePrefix") || data.creditPrefix === void 0 && (missing0 = "creditPrefix") || data.nextInvoice === void 0 && (missing0 = "nextInvoice"))
        return validate20.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "name" || key0 === "address" || key0 === "taxId" || key0 === "email" || key0 === "paymentDetails" || key0 === "invoicePrefix" || key0 === "creditPrefix" || key0 === "nextInvoice")) {
            return validate20.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.name !== void 0) {
            let data0 = data.name, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 100)
                  return validate20.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                if (func1(data0) < 1)
                  return validate20.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate20.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate20.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.address !== void 0) {
              let data1 = data.address, _errs4 = errors;
              if (errors === _errs4)
                if (Array.isArray(data1)) {
                  if (data1.length > 6)
                    return validate20.errors = [{ instancePath: instancePath + "/address", schemaPath: "#/properties/address/maxItems", keyword: "maxItems", params: { limit: 6 }, message: "must NOT have more than 6 items" }], !1;
                  {
                    var valid1 = !0;
                    let len0 = data1.length;
                    for (let i0 = 0; i0 < len0; i0++) {
                      let data2 = data1[i0], _errs6 = errors;
                      if (errors === _errs6)
                        if (typeof data2 == "string") {
                          if (func1(data2) > 200)
                            return validate20.errors = [{ instancePath: instancePath + "/address/" + i0, schemaPath: "#/properties/address/items/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                        } else
                          return validate20.errors = [{ instancePath: instancePath + "/address/" + i0, schemaPath: "#/properties/address/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      var valid1 = _errs6 === errors;
                      if (!valid1)
                        break;
                    }
                  }
                } else
                  return validate20.errors = [{ instancePath: instancePath + "/address", schemaPath: "#/properties/address/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.taxId !== void 0) {
                let data3 = data.taxId, _errs8 = errors;
                if (errors === _errs8)
                  if (typeof data3 == "string") {
                    if (func1(data3) > 60)
                      return validate20.errors = [{ instancePath: instancePath + "/taxId", schemaPath: "#/properties/taxId/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" }], !1;
                  } else
                    return validate20.errors = [{ instancePath: instancePath + "/taxId", schemaPath: "#/properties/taxId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs8 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.email !== void 0) {
                  let data4 = data.email, _errs10 = errors;
                  if (errors === _errs10)
                    if (typeof data4 == "string") {
                      if (func1(data4) > 200)
                        return validate20.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                      if (!pattern5.test(data4))
                        return validate20.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^([^\\s@]+@[^\\s@]+)?$" }, message: 'must match pattern "^([^\\s@]+@[^\\s@]+)?$"' }], !1;
                    } else
                      return validate20.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  var valid0 = _errs10 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.paymentDetails !== void 0) {
                    let data5 = data.paymentDetails, _errs12 = errors;
                    if (errors === _errs12)
                      if (typeof data5 == "string") {
                        if (func1(data5) > 500)
                          return validate20.errors = [{ instancePath: instancePath + "/paymentDetails", schemaPath: "#/properties/paymentDetails/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                      } else
                        return validate20.errors = [{ instancePath: instancePath + "/paymentDetails", schemaPath: "#/properties/paymentDetails/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                    var valid0 = _errs12 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.invoicePrefix !== void 0) {
                      let data6 = data.invoicePrefix, _errs14 = errors;
                      if (errors === _errs14)
                        if (typeof data6 == "string") {
                          if (func1(data6) > 12)
                            return validate20.errors = [{ instancePath: instancePath + "/invoicePrefix", schemaPath: "#/properties/invoicePrefix/maxLength", keyword: "maxLength", params: { limit: 12 }, message: "must NOT have more than 12 characters" }], !1;
                        } else
                          return validate20.errors = [{ instancePath: instancePath + "/invoicePrefix", schemaPath: "#/properties/invoicePrefix/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                      var valid0 = _errs14 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0) {
                      if (data.creditPrefix !== void 0) {
                        let data7 = data.creditPrefix, _errs16 = errors;
                        if (errors === _errs16)
                          if (typeof data7 == "string") {
                            if (func1(data7) > 12)
                              return validate20.errors = [{ instancePath: instancePath + "/creditPrefix", schemaPath: "#/properties/creditPrefix/maxLength", keyword: "maxLength", params: { limit: 12 }, message: "must NOT have more than 12 characters" }], !1;
                          } else
                            return validate20.errors = [{ instancePath: instancePath + "/creditPrefix", schemaPath: "#/properties/creditPrefix/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                        var valid0 = _errs16 === errors;
                      } else
                        var valid0 = !0;
                      if (valid0)
                        if (data.nextInvoice !== void 0) {
                          let data8 = data.nextInvoice, _errs18 = errors;
                          if (!(typeof data8 == "number" && !(data8 % 1) && !isNaN(data8) && isFinite(data8)))
                            return validate20.errors = [{ instancePath: instancePath + "/nextInvoice", schemaPath: "#/properties/nextInvoice/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                          if (errors === _errs18 && typeof data8 == "number" && isFinite(data8)) {
                            if (data8 > 9999999 || isNaN(data8))
                              return validate20.errors = [{ instancePath: instancePath + "/nextInvoice", schemaPath: "#/properties/nextInvoice/maximum", keyword: "maximum", params: { comparison: "<=", limit: 9999999 }, message: "must be <= 9999999" }], !1;
                            if (data8 < 1 || isNaN(data8))
                              return validate20.errors = [{ instancePath: instancePath + "/nextInvoice", schemaPath: "#/properties/nextInvoice/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                          }
                          var valid0 = _errs18 === errors;
                        } else
                          var valid0 = !0;
                    }
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate20.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate20.errors = vErrors, errors === 0;
}
validate20.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeSignInRule = validate21;
function validate21(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate21.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.factorForMoney === void 0 && (missing0 = "factorForMoney"))
        return validate21.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "factorForMoney") {
            return validate21.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.factorForMoney !== void 0 && typeof data.factorForMoney != "boolean")
          return validate21.errors = [{ instancePath: instancePath + "/factorForMoney", schemaPath: "#/properties/factorForMoney/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
      }
    } else
      return validate21.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate21.errors = vErrors, errors === 0;
}
validate21.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeTimeRules = validate22;
var formats0 = /^\d{4}-\d{2}-\d{2}$/, formats2 = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;
function validate22(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate22.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.dayMaximum === void 0 && (missing0 = "dayMaximum") || data.weekMaximum === void 0 && (missing0 = "weekMaximum") || data.gapTolerance === void 0 && (missing0 = "gapTolerance") || data.lockedUntil === void 0 && (missing0 = "lockedUntil") || data.review === void 0 && (missing0 = "review") || data.unreviewed === void 0 && (missing0 = "unreviewed"))
        return validate22.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "dayMaximum" || key0 === "weekMaximum" || key0 === "gapTolerance" || key0 === "lockedUntil" || key0 === "review" || key0 === "unreviewed")) {
            return validate22.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.dayMaximum !== void 0) {
            let data0 = data.dayMaximum, _errs2 = errors;
            if (!(typeof data0 == "number" && !(data0 % 1) && !isNaN(data0) && isFinite(data0)))
              return validate22.errors = [{ instancePath: instancePath + "/dayMaximum", schemaPath: "#/properties/dayMaximum/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
            if (errors === _errs2 && typeof data0 == "number" && isFinite(data0)) {
              if (data0 > 604800 || isNaN(data0))
                return validate22.errors = [{ instancePath: instancePath + "/dayMaximum", schemaPath: "#/properties/dayMaximum/maximum", keyword: "maximum", params: { comparison: "<=", limit: 604800 }, message: "must be <= 604800" }], !1;
              if (data0 < 60 || isNaN(data0))
                return validate22.errors = [{ instancePath: instancePath + "/dayMaximum", schemaPath: "#/properties/dayMaximum/minimum", keyword: "minimum", params: { comparison: ">=", limit: 60 }, message: "must be >= 60" }], !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.weekMaximum !== void 0) {
              let data1 = data.weekMaximum, _errs4 = errors;
              if (!(typeof data1 == "number" && !(data1 % 1) && !isNaN(data1) && isFinite(data1)))
                return validate22.errors = [{ instancePath: instancePath + "/weekMaximum", schemaPath: "#/properties/weekMaximum/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
              if (errors === _errs4 && typeof data1 == "number" && isFinite(data1)) {
                if (data1 > 604800 || isNaN(data1))
                  return validate22.errors = [{ instancePath: instancePath + "/weekMaximum", schemaPath: "#/properties/weekMaximum/maximum", keyword: "maximum", params: { comparison: "<=", limit: 604800 }, message: "must be <= 604800" }], !1;
                if (data1 < 60 || isNaN(data1))
                  return validate22.errors = [{ instancePath: instancePath + "/weekMaximum", schemaPath: "#/properties/weekMaximum/minimum", keyword: "minimum", params: { comparison: ">=", limit: 60 }, message: "must be >= 60" }], !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.gapTolerance !== void 0) {
                let data2 = data.gapTolerance, _errs6 = errors;
                if (!(typeof data2 == "number" && !(data2 % 1) && !isNaN(data2) && isFinite(data2)))
                  return validate22.errors = [{ instancePath: instancePath + "/gapTolerance", schemaPath: "#/properties/gapTolerance/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                if (errors === _errs6 && typeof data2 == "number" && isFinite(data2)) {
                  if (data2 > 86400 || isNaN(data2))
                    return validate22.errors = [{ instancePath: instancePath + "/gapTolerance", schemaPath: "#/properties/gapTolerance/maximum", keyword: "maximum", params: { comparison: "<=", limit: 86400 }, message: "must be <= 86400" }], !1;
                  if (data2 < 0 || isNaN(data2))
                    return validate22.errors = [{ instancePath: instancePath + "/gapTolerance", schemaPath: "#/properties/gapTolerance/minimum", keyword: "minimum", params: { comparison: ">=", limit: 0 }, message: "must be >= 0" }], !1;
                }
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.lockedUntil !== void 0) {
                  let data3 = data.lockedUntil, _errs8 = errors, _errs9 = errors, valid1 = !1, _errs10 = errors;
                  if (errors === _errs10 && errors === _errs10)
                    if (typeof data3 == "string") {
                      if (!formats0.test(data3)) {
                        let err0 = { instancePath: instancePath + "/lockedUntil", schemaPath: "#/properties/lockedUntil/anyOf/0/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' };
                        vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                      }
                    } else {
                      let err1 = { instancePath: instancePath + "/lockedUntil", schemaPath: "#/properties/lockedUntil/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                      vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                    }
                  var _valid0 = _errs10 === errors;
                  valid1 = valid1 || _valid0;
                  let _errs12 = errors;
                  if (data3 !== null) {
                    let err2 = { instancePath: instancePath + "/lockedUntil", schemaPath: "#/properties/lockedUntil/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                    vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
                  }
                  var _valid0 = _errs12 === errors;
                  if (valid1 = valid1 || _valid0, valid1)
                    errors = _errs9, vErrors !== null && (_errs9 ? vErrors.length = _errs9 : vErrors = null);
                  else {
                    let err3 = { instancePath: instancePath + "/lockedUntil", schemaPath: "#/properties/lockedUntil/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                    return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate22.errors = vErrors, !1;
                  }
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.review !== void 0) {
                    let _errs14 = errors;
                    if (typeof data.review != "boolean")
                      return validate22.errors = [{ instancePath: instancePath + "/review", schemaPath: "#/properties/review/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                    var valid0 = _errs14 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0)
                    if (data.unreviewed !== void 0) {
                      let data5 = data.unreviewed, _errs16 = errors;
                      if (errors === _errs16)
                        if (Array.isArray(data5)) {
                          if (data5.length > 5e3)
                            return validate22.errors = [{ instancePath: instancePath + "/unreviewed", schemaPath: "#/properties/unreviewed/maxItems", keyword: "maxItems", params: { limit: 5e3 }, message: "must NOT have more than 5000 items" }], !1;
                          {
                            var valid2 = !0;
                            let len0 = data5.length;
                            for (let i0 = 0; i0 < len0; i0++) {
                              let data6 = data5[i0], _errs18 = errors;
                              if (errors === _errs18 && errors === _errs18)
                                if (typeof data6 == "string") {
                                  if (!formats2.test(data6))
                                    return validate22.errors = [{ instancePath: instancePath + "/unreviewed/" + i0, schemaPath: "#/properties/unreviewed/items/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                } else
                                  return validate22.errors = [{ instancePath: instancePath + "/unreviewed/" + i0, schemaPath: "#/properties/unreviewed/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs18 === errors;
                              if (!valid2)
                                break;
                            }
                            if (valid2) {
                              let i1 = data5.length, j0;
                              if (i1 > 1) {
                                let indices0 = {};
                                for (; i1--; ) {
                                  let item0 = data5[i1];
                                  if (typeof item0 == "string") {
                                    if (typeof indices0[item0] == "number") {
                                      return j0 = indices0[item0], validate22.errors = [{ instancePath: instancePath + "/unreviewed", schemaPath: "#/properties/unreviewed/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                                      break;
                                    }
                                    indices0[item0] = i1;
                                  }
                                }
                              }
                            }
                          }
                        } else
                          return validate22.errors = [{ instancePath: instancePath + "/unreviewed", schemaPath: "#/properties/unreviewed/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
                      var valid0 = _errs16 === errors;
                    } else
                      var valid0 = !0;
                }
              }
            }
          }
        }
      }
    } else
      return validate22.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate22.errors = vErrors, errors === 0;
}
validate22.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  changeFirm,
  changeSignInRule,
  changeTimeRules
};
